<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\CleanDown\CleanDown;
use Sectum\BreakDown\CleanDown\WhyClean;
use Sectum\BreakDown\CleanDown\Worked;

final class CleanDownTest extends TestCase
{
    /** @return array<string, array{list<Worked>, Worked, bool, WhyClean|null}> */
    public static function boards(): array
    {
        $hake = new Worked('h1', 'hake', false);
        $otherHake = new Worked('h2', 'hake', false);
        $tuna = new Worked('t1', 'tuna', false);
        $galled = new Worked('h1', 'hake', true);

        return [
            'nothing before' => [[], $tuna, true, null],
            'the same lot' => [[$hake, $hake], $hake, true, null],
            'another lot of the same kind, raw or not' => [[$hake], $otherHake, true, WhyClean::BetweenLots],
            'another kind, to be cooked' => [[$hake], $tuna, false, WhyClean::BetweenLots],
            'another kind, served raw' => [[$hake, $tuna], $tuna, true, WhyClean::RawNext],
            'gall before' => [[$galled], $hake, false, WhyClean::GallBurst],
            'gall on this very fish' => [[], $galled, false, WhyClean::GallBurst],
            'gall is graver than raw' => [[$galled], $tuna, true, WhyClean::GallBurst],
        ];
    }

    /** @param  list<Worked>  $since */
    #[DataProvider('boards')]
    public function test_the_gravest_reason_counts(array $since, Worked $next, bool $forRaw, ?WhyClean $why): void
    {
        self::assertSame($why, CleanDown::needed($since, $next, $forRaw));
    }
}
