<?php

declare(strict_types=1);

namespace Sectum\Tests\Practise;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Practise\Skill;

/** Who knows scores full on every seed, dice score what the drill says they do, and the middle lies in the middle. */
final class FairDrillsTest extends TestCase
{
    /**
     * The dear ones on fewer seeds: the bench takes two thousand of each.
     *
     * @return iterable<string, array{Skill, int}>
     */
    public static function skills(): iterable
    {
        foreach (Skill::cases() as $skill) {
            yield $skill->value => [$skill, match ($skill) {
                Skill::Cuts, Skill::Sheets, Skill::Raw => 150,
                Skill::Order, Skill::Bones, Skill::Weight, Skill::Fresh, Skill::Bins => 2000,
            }];
        }
    }

    #[DataProvider('skills')]
    public function test_it_is_fair(Skill $skill, int $seeds): void
    {
        $dice = $said = $middle = [];
        for ($seed = 1; $seed <= $seeds; $seed++) {
            self::assertEqualsWithDelta(100.0, Learner::whoKnows()->plays($skill, $seed)[0], 1e-9, "seed {$seed}");
            [$dice[], $said[]] = Learner::whoThrowsDice()->plays($skill, $seed);
            $middle[] = Learner::inTheMiddle()->plays($skill, $seed)[0];
        }
        $mean = fn (array $all): float => array_sum($all) / count($all);
        $spread = sqrt(array_sum(array_map(fn (float $one): float => ($one - $mean($dice)) ** 2, $dice)) / $seeds);
        if ($said[0] !== null) {
            // Four standard errors of the mean: one run in fifteen thousand would miss it by luck.
            self::assertEqualsWithDelta($mean($said), $mean($dice), (4 * $spread) / sqrt($seeds));
        } else {
            self::assertLessThan(10, $mean($dice), 'nobody finds bones or portions by throwing dice');
        }
        self::assertGreaterThan($mean($dice) + 20, $mean($middle), 'who knows half scores more than dice');
        $in = count(array_filter($middle, fn (float $one): bool => $one >= 30 && $one <= 90));
        // Nineteen of twenty over two thousand seeds; of a hundred and fifty, two standard errors fewer may be.
        self::assertGreaterThanOrEqual($seeds >= 2000 ? 0.95 : 0.914, $in / $seeds);
    }
}
