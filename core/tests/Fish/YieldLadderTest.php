<?php

declare(strict_types=1);

namespace Sectum\Tests\Fish;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Fish\BadYield;
use Sectum\Fish\YieldLadder;

final class YieldLadderTest extends TestCase
{
    public function test_a_ladder_may_fall_or_stand_and_may_miss_rungs(): void
    {
        self::assertSame(
            60.0,
            (new YieldLadder(['skinned' => 60.0, 'fillets' => 71.0, 'headless' => 71.0]))->pct['skinned'],
        );
    }

    /** @return array<string, array{array<string, float>, string, string}> */
    public static function bad(): array
    {
        return [
            'climbs' => [['headless' => 80.0, 'fillets' => 81.0], '/fillets', 'more fillets than headless'],
            'climbs over a gap' => [['gutted' => 70.0, 'skinned' => 70.1], '/skinned', 'more skinned than gutted'],
            'more than there is' => [['gutted' => 100.5], '/gutted', 'at most 100'],
            'nothing' => [['trimmed' => 0.0], '/trimmed', 'more than 0'],
        ];
    }

    /** @param  array<string, float>  $pct */
    #[DataProvider('bad')]
    public function test_a_rung_that_cannot_be_is_named(array $pct, string $pointer, string $saying): void
    {
        try {
            new YieldLadder($pct);
            self::fail('It was taken.');
        } catch (BadYield $bad) {
            self::assertSame($pointer, $bad->pointer());
            self::assertStringContainsString($saying, $bad->getMessage());
        }
    }
}
