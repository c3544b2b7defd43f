<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\BadCutTree;
use Sectum\BreakDown\CutPiece;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\Loss;

final class CutTreeTest extends TestCase
{
    /** @return array<string, array{non-empty-list<CutPiece>, string, string}> */
    public static function bad(): array
    {
        return [
            'twice the same name' => [
                [Trees::piece('fish', null, 1), Trees::piece('fish', null, 1)],
                '/pieces/1/id',
                'Two pieces',
            ],
            'a parent that is not there' => [
                [Trees::piece('fish', null, 1), Trees::piece('a', 'tub', 1)],
                '/pieces/1/parent',
                '"tub"',
            ],
            'two whole fish' => [
                [Trees::piece('fish', null, 1), Trees::piece('a', null, 1)],
                '/pieces/1',
                'both whole',
            ],
            'no whole fish' => [
                [Trees::piece('a', 'b', 1), Trees::piece('b', 'a', 1)],
                '/pieces',
                'No piece is the whole',
            ],
            'cut from itself' => [
                [Trees::piece('fish', null, 1), Trees::piece('a', 'b', 1), Trees::piece('b', 'a', 1)],
                '/pieces/1/parent',
                'from itself',
            ],
        ];
    }

    /** @param  non-empty-list<CutPiece>  $pieces */
    #[DataProvider('bad')]
    public function test_refuses_what_is_not_one_fish(array $pieces, string $pointer, string $saying): void
    {
        try {
            new CutTree($pieces);
            self::fail('It was taken for a fish.');
        } catch (BadCutTree $refusal) {
            self::assertSame($pointer, $refusal->pointer());
            self::assertStringContainsString($saying, $refusal->getMessage());
        }
    }

    public function test_what_is_clearly_not_weighed_yet_stays_open(): void
    {
        $pieces = [Trees::piece('fish', null, 4210), Trees::piece('head', 'fish', 650)];
        $open = CutTree::onTheBoard($pieces, new Loss(), [], []);
        self::assertSame('fish'.CutTree::REST, $open->pieces[2]->id);
        self::assertNull($open->pieces[2]->reading);
        self::assertCount(
            2,
            CutTree::onTheBoard($pieces, new Loss(), [], ['fish'])->pieces,
            'the cutter said that is all',
        );
        self::assertCount(
            3,
            CutTree::onTheBoard([...$pieces, Trees::piece('rest', 'fish', 3530)], new Loss(), [], [])->pieces,
            'only the board took the rest',
        );
        self::assertCount(1, CutTree::onTheBoard([$pieces[0]], new Loss(), [], [])->pieces, 'nothing was cut');
    }
}
