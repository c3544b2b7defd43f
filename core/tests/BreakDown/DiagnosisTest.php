<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\Container;
use Sectum\BreakDown\CutPiece;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\Loss;
use Sectum\BreakDown\Reconcile;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;

final class DiagnosisTest extends TestCase
{
    private const SOUND = [
        'fish' => 4210.0,
        'head' => 650.0,
        'frame' => 520.0,
        'side-a' => 1515.0,
        'side-b' => 1500.0,
    ];

    private const SHARES = ['head' => 16, 'frame' => 12, 'side-a' => 35.5, 'side-b' => 35.5];

    /** @param  array<string, float>  $readings */
    private static function tree(array $readings, ?string $typed): CutTree
    {
        $pieces = [];
        foreach ($readings as $id => $grams) {
            $pieces[] = new CutPiece(
                $id,
                $id === 'fish' ? null : 'fish',
                Mass::ofGrams($grams),
                Mass::ofGrams(5),
                isset(self::SHARES[$id]) ? new Share(self::SHARES[$id], 2) : null,
                null,
                null,
                $id === $typed,
            );
        }

        return new CutTree(
            $pieces === [] ? [new CutPiece('fish', null, null, Mass::ofGrams(5))] : $pieces,
            new Loss(),
            [new Container('half tray', Mass::ofGrams(412)), new Container('lid', Mass::ofGrams(96))],
        );
    }

    /**
     * @return array<string, array{string, float, bool, string, string|null}> piece, wrong figure, typed, kind, what it
     *     is named after
     */
    public static function mistakes(): array
    {
        return [
            'the half tray under the frame' => ['frame', 930, false, 'tare', 'half tray'],
            'ounces written as grams' => ['side-b', 53, true, 'unit', null],
            'digits changed over' => ['frame', 250, true, 'digits', null],
            'digits changed over in a side' => ['side-a', 1155, true, 'digits', null],
            'a nought lost in front' => ['head', 65, true, 'digits', null],
            'the frame entered again as side B' => ['side-b', 520, false, 'twice', 'frame'],
        ];
    }

    #[DataProvider('mistakes')]
    public function test_each_of_the_usual_mistakes_is_named(
        string $piece,
        float $grams,
        bool $typed,
        string $kind,
        ?string $name,
    ): void {
        $diagnosis = Reconcile::of(self::tree([...self::SOUND, $piece => $grams], $typed ? $piece : null))->diagnosis;
        self::assertSame(
            [$piece, $kind, $name],
            [$diagnosis?->id, $diagnosis?->explanation?->kind->value, $diagnosis?->explanation?->name],
        );
        self::assertGreaterThan(0, $diagnosis->logOdds ?? 0);
    }

    public function test_sound_weights_are_left_alone(): void
    {
        self::assertNull(Reconcile::of(self::tree(self::SOUND, null))->diagnosis);
    }

    public function test_digits_of_a_reading_off_the_scale_do_not_change_places(): void
    {
        $typed = Reconcile::of(self::tree([...self::SOUND, 'frame' => 250.0], 'frame'))->diagnosis;
        $scale = Reconcile::of(self::tree([...self::SOUND, 'frame' => 250.0], null))->diagnosis;
        self::assertSame('digits', $typed?->explanation?->kind->value);
        self::assertNotSame('digits', $scale?->explanation?->kind->value);
    }
}
