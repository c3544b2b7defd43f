<?php

declare(strict_types=1);

namespace Sectum\Tests\BreakDown;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\Plausible;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;

final class PlausibleTest extends TestCase
{
    /**
     * @return array<string, array{float, float|null, float|null, array{float, float}|null, Plausible|null}> mass,
     *     source, whole, share, question
     */
    public static function weights(): array
    {
        return [
            'the whole fish taken for its side' => [2105, 555, 4210, null, Plausible::MoreThanItsSource],
            'one step of the scale more is the scale' => [560, 555, 4210, null, null],
            'two steps more are not' => [570, 555, 4210, null, Plausible::MoreThanItsSource],
            // 16 ± 2 % of 4210 g: 396.5 to 950.7 g, and the scale's 5 g.
            'a usual head' => [650, 4210, 4210, [16, 2], null],
            'at its heaviest' => [955, 4210, 4210, [16, 2], null],
            'heavier' => [960, 4210, 4210, [16, 2], Plausible::TooHeavy],
            'at its lightest' => [395, 4210, 4210, [16, 2], null],
            'lighter' => [390, 4210, 4210, [16, 2], Plausible::TooLight],
            'kilos read as pounds' => [294.8, 4210, 4210, [16, 2], Plausible::TooLight],
            'nothing is known of it' => [5, 4210, 4210, null, null],
            'nobody weighed the fish' => [5000, null, null, [16, 2], null],
            'a share that may be nothing has no lower bound' => [5, 4210, 4210, [2, 1], null],
        ];
    }

    /** @param  array{float, float}|null  $share */
    #[DataProvider('weights')]
    public function test_a_weight_that_cannot_be_is_asked_about(
        float $mass,
        ?float $source,
        ?float $whole,
        ?array $share,
        ?Plausible $question,
    ): void {
        $grams = fn (?float $g): ?Mass => $g === null ? null : Mass::ofGrams($g);
        self::assertSame(
            $question,
            Plausible::question(
                Mass::ofGrams($mass),
                Mass::ofGrams(5),
                $grams($source),
                $grams($whole),
                $share === null ? null : new Share(...$share),
            ),
        );
    }

    public function test_one_in_a_thousand_usual_parts_is_asked_about(): void
    {
        mt_srand(20261126);
        $asked = 0;
        for ($i = 0; $i < 40_000; $i++) {
            $z =
                sqrt(-2 * log(mt_rand(1, mt_getrandmax()) / mt_getrandmax())) *
                cos((2 * M_PI * mt_rand()) / mt_getrandmax());
            $mass = Mass::ofGrams(max(0.001, (10_000 * (16 + 2 * $z)) / 100));
            $asked +=
                Plausible::question($mass, Mass::zero(), null, Mass::ofGrams(10_000), new Share(16, 2)) === null
                    ? 0
                    : 1;
        }
        self::assertEqualsWithDelta(40, $asked, 25, 'of 40,000');
    }
}
