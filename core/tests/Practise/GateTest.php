<?php

declare(strict_types=1);

namespace Sectum\Tests\Practise;

use PHPUnit\Framework\TestCase;
use Sectum\Math\Normal;
use Sectum\Measure\Mass;
use Sectum\Practise\BadDrill;
use Sectum\Practise\Dice;
use Sectum\Practise\Gate\BonesFound;
use Sectum\Practise\Gate\Eye;
use Sectum\Practise\Gate\Guess;
use Sectum\Practise\Gate\SideSearched;

final class GateTest extends TestCase
{
    private const WITHIN = 8.0;

    /** Whether somebody of whose guesses this share is near enough ever passes in 300 guesses, at the gate's looks. */
    private function passes(Dice $dice, float $content): bool
    {
        $sd = self::WITHIN / Normal::quantile(0.5 + $content / 2);
        $guesses = [];
        for ($n = 1; $n <= 300; $n++) {
            $true = round($dice->between(140, 200));
            $guesses[] = new Guess(
                Mass::ofGrams($true * (1 + $dice->normal(0, $sd) / 100)),
                Mass::ofGrams($true),
            );
            if (Eye::lookedAt($n) === $n && Eye::of($guesses, self::WITHIN, Mass::ofGrams(1))->passes) {
                return true;
            }
        }

        return false;
    }

    public function test_the_unready_seldom_pass_the_eyes_gate_and_the_ready_nearly_always(): void
    {
        $careers = 400;
        $passed = ['unready' => 0, 'ready' => 0];
        for ($i = 1; $i <= $careers; $i++) {
            $dice = Dice::of(Dice::seed($i), 'career');
            $passed['unready'] += $this->passes($dice, 0.88) ? 1 : 0;
            $passed['ready'] += $this->passes($dice, 0.97) ? 1 : 0;
        }
        self::assertLessThanOrEqual(0.05, $passed['unready'] / $careers);
        self::assertGreaterThanOrEqual(0.9, $passed['ready'] / $careers);
    }

    public function test_who_misses_bones_seldom_passes_their_gate_and_who_does_not_nearly_always(): void
    {
        $passed = ['limit' => 0, 'ready' => 0];
        $careers = 200;
        for ($i = 1; $i <= $careers; $i++) {
            foreach (['limit' => 0.95, 'ready' => 0.99] as $who => $finds) {
                $dice = Dice::of(Dice::seed($i), $who);
                $sides = [];
                for ($side = 0; $side < 60; $side++) {
                    $bones = $dice->whole(12, 20);
                    $found = count(array_filter(range(1, $bones), fn (): bool => $dice->happens($finds)));
                    $sides[] = new SideSearched($bones, $found);
                }
                // Ever, at any of its looks: a gate that was passed once would have been signed.
                $ever = array_filter(
                    range(1, 60),
                    fn (int $n): bool => BonesFound::of(array_slice($sides, 0, $n), 95.0)->passes,
                );
                $passed[$who] += $ever === [] ? 0 : 1;
            }
        }
        self::assertLessThanOrEqual(0.05, $passed['limit'] / $careers);
        self::assertGreaterThanOrEqual(0.9, $passed['ready'] / $careers);
    }

    public function test_the_bones_gate_looks_at_whole_looks_and_at_the_last_sides_only(): void
    {
        $side = fn (int $missed): SideSearched => new SideSearched(20, 20 - $missed);
        $nine = BonesFound::of(array_fill(0, 9, $side(0)), 95.0);
        self::assertSame([180, 180, 0], [$nine->bones, $nine->found, $nine->lookedAt]);
        self::assertFalse($nine->passes, 'nobody has looked yet');
        $ten = BonesFound::of(array_fill(0, 10, $side(0)), 95.0);
        self::assertTrue($ten->passes);
        self::assertEqualsWithDelta(0.95 ** 200, $ten->chance, 1e-12);
        // A bad beginning is forgotten once four hundred bones lie after it.
        $bad = [...array_fill(0, 10, $side(8)), ...array_fill(0, 20, $side(0))];
        self::assertTrue(BonesFound::of($bad, 95.0)->passes);
        self::assertFalse(BonesFound::of([...$bad, ...array_fill(0, 10, $side(8))], 95.0)->passes, 'and a bad end not');
        $this->expectException(BadDrill::class);
        new SideSearched(10, 11);
    }
}
