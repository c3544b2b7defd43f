<?php

declare(strict_types=1);

namespace Sectum\Tests\Receive;

use Brick\Math\BigRational;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Sectum\Fish\Hazard;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Message;
use Sectum\Receive\BadGrade;
use Sectum\Receive\Claim;
use Sectum\Receive\ClaimItem;
use Sectum\Receive\Found;
use Sectum\Receive\Invoiced;
use Sectum\Receive\LineGap;
use Sectum\Receive\LineQuestion;
use Sectum\Receive\PriceUnit;
use Sectum\Receive\RawService;
use Sectum\Receive\SizeGrade;

final class ClaimTest extends TestCase
{
    use TestTrait;

    private static function found(int $grams, ?string $refused = null, int $count = 1, ?string $grade = null): Found
    {
        return new Found(Mass::ofGrams($grams), $count, Mass::ofGrams(5), $refused, $grade);
    }

    /** @param  list<Found>  $found */
    private static function line(?int $grams, ?int $count, ?int $price, PriceUnit $unit, array $found): Invoiced
    {
        return new Invoiced(
            'Hake',
            $grams === null ? null : Mass::ofGrams($grams),
            $count,
            $price === null ? null : BigRational::of($price),
            $unit,
            $found,
        );
    }

    /** @return array{string, int, int|null} */
    private static function told(ClaimItem $item): array
    {
        return [$item->kind, $item->mass->milligrams, $item->claimed?->minor];
    }

    public function test_short_weight_is_claimed_whole_once_it_is_beyond_the_scale(): void
    {
        $euro = Currency::of('EUR');
        $short = Claim::of(
            [self::line(8420, 3, 980, PriceUnit::Kilo, [self::found(2650), self::found(2700), self::found(2610)])],
            $euro,
        );
        // 8420 − 7960 = 460 g at 9.80: 4.508, rounded once.
        self::assertSame([['short', 460_000, 451]], array_map(self::told(...), $short->items));
        self::assertSame(
            'Hake: invoiced 8420 g, received 7960 g. Short 460 g at €9.80 a kg: €4.51.',
            $short->items[0]->sentence,
        );
        // Three weighings of 5 g steps: 7.5 g either way is nobody's fault.
        self::assertTrue(
            Claim::of(
                [
                    self::line(7967, null, 980, PriceUnit::Kilo, [
                        self::found(2650),
                        self::found(2700),
                        self::found(2610),
                    ]),
                ],
                $euro,
            )->isEmpty(),
        );
        self::assertFalse(
            Claim::of(
                [
                    self::line(7968, null, 980, PriceUnit::Kilo, [
                        self::found(2650),
                        self::found(2700),
                        self::found(2610),
                    ]),
                ],
                $euro,
            )->isEmpty(),
        );
    }

    public function test_a_delivery_that_weighs_what_was_invoiced_is_not_claimed_line_by_line(): void
    {
        $euro = Currency::of('EUR');
        $line = fn (int $invoiced, int ...$found): Invoiced => self::line(
            $invoiced,
            count($found),
            980,
            PriceUnit::Kilo,
            array_map(fn (int $g): Found => self::found($g), array_values($found)),
        );
        // 20 g short in one box, 15 g over in the next: within four half steps of 5 g for the four weighings.
        $even = [$line(4000, 2000, 1980), $line(4000, 2000, 2015)];
        self::assertTrue(Claim::of($even, $euro)->isEmpty());
        // Each is within nothing of its own; the whole is 25 g short, and that is claimed where it is missing.
        $short = [$line(4000, 2000, 1980), $line(4000, 2000, 1995)];
        self::assertSame([['short', 20_000, 20]], array_map(self::told(...), Claim::of($short, $euro)->items));
        // What is refused or missing by its count is claimed however much the rest weighs.
        $each = self::line(null, 3, 900, PriceUnit::Each, [self::found(500), self::found(500)]);
        self::assertSame(
            ['short'],
            array_map(fn (ClaimItem $item): string => $item->kind, Claim::of([...$even, $each], $euro)->items),
        );
    }

    public function test_what_is_refused_is_claimed_at_its_weight_and_reason(): void
    {
        $claim = Claim::of(
            [
                self::line(4000, 2, 1240, PriceUnit::Kilo, [
                    self::found(1990),
                    self::found(2010, 'Smell: sour or ammonia.'),
                ]),
            ],
            Currency::of('EUR'),
        );
        self::assertSame([['refused', 2_010_000, 2492]], array_map(self::told(...), $claim->items));
        self::assertSame(
            'Hake: refused 1 fish, 2010 g. Smell: sour or ammonia. At €12.40 a kg: €24.92.',
            $claim->items[0]->sentence,
        );
    }

    public function test_over_is_told_and_not_claimed(): void
    {
        $claim = Claim::of([self::line(2000, null, 980, PriceUnit::Kilo, [self::found(2300)])], Currency::of('EUR'));
        self::assertSame([['over', 300_000, null]], array_map(self::told(...), $claim->items));
        self::assertSame(0, $claim->total->minor);
        self::assertStringContainsString(
            'Nothing is claimed in money',
            $claim->text('Our kitchen', 'Harbourgate Fish', '12', 'today'),
        );
    }

    public function test_pounds_are_exact_and_fish_sold_each_are_counted(): void
    {
        $pounds = Claim::of(
            [self::line(5000, null, 499, PriceUnit::Pound, [self::found(4000)])],
            Currency::of('USD'),
        );
        // 1000 g / 453.59237 g × 4.99 = 11.0011…
        self::assertSame(1100, $pounds->total->minor);
        $each = Claim::of(
            [self::line(null, 12, 350, PriceUnit::Each, [self::found(4000, null, 9), self::found(900, 'Flesh', 2)])],
            Currency::of('EUR'),
        );
        self::assertSame([['refused', 900_000, 700], ['short', 0, 350]], array_map(self::told(...), $each->items));
        self::assertStringContainsString(
            'invoiced 12 fish, received 11. Short 1 fish at €3.50 each: €3.50.',
            $each->items[1]->sentence,
        );
    }

    public function test_the_wrong_size_is_told_for_an_offer(): void
    {
        $claim = Claim::of(
            [
                self::line(900, 2, 1100, PriceUnit::Kilo, [
                    self::found(500),
                    self::found(400, null, 1, '600 to 800 g'),
                ]),
            ],
            Currency::of('EUR'),
        );
        self::assertSame([['wrong grade', 400_000, null]], array_map(self::told(...), $claim->items));
    }

    public function test_without_a_price_the_figures_stand_and_no_money_is_named(): void
    {
        $claim = Claim::of([self::line(3000, null, null, PriceUnit::Kilo, [self::found(2500)])], Currency::of('EUR'));
        self::assertSame('Hake: invoiced 3000 g, received 2500 g. Short 500 g.', $claim->items[0]->sentence);
    }

    public function test_a_line_nobody_weighed_is_not_claimed(): void
    {
        self::assertTrue(Claim::of([self::line(3000, 2, 980, PriceUnit::Kilo, [])], Currency::of('EUR'))->isEmpty());
    }

    public function test_the_total_is_the_sum_of_what_is_printed(): void
    {
        $this->forAll(
            Generators::seq(Generators::choose(100, 9000)),
            Generators::choose(1, 5000),
            Generators::choose(0, 40_000),
        )->then(function (array $grams, int $price, int $invoiced): void {
            $found = array_map(
                fn (int $g): Found => self::found($g, $g % 3 === 0 ? "reason {$g}" : null),
                array_values(array_filter($grams, is_int(...))),
            );
            $claim = Claim::of([self::line($invoiced, null, $price, PriceUnit::Kilo, $found)], Currency::of('EUR'));
            $printed = array_sum(array_map(fn (ClaimItem $item): int => $item->claimed->minor ?? 0, $claim->items));
            self::assertSame($printed, $claim->total->minor);
            self::assertStringContainsString(
                $claim->total->minor > 0 ? "Please credit {$claim->total->print()}" : 'Nothing is claimed',
                $claim->text('a', 'b', 'c', 'd'),
            );
        });
    }

    public function test_far_more_than_invoiced_is_asked_about_and_a_gap_is_named(): void
    {
        $line = self::line(8000, 3, 980, PriceUnit::Kilo, [self::found(2650)]);
        self::assertNull($line->question(self::found(13_350)));
        self::assertEquals(
            new Message(LineQuestion::TooHeavy, [
                'mass' => Mass::ofGrams(16_005),
                'name' => 'Hake',
                'invoiced' => Mass::ofGrams(8000),
            ]),
            $line->question(self::found(13_355)),
        );
        self::assertEquals(
            new Message(LineQuestion::TooMany, ['count' => 7, 'invoiced' => 3]),
            $line->question(self::found(600, null, 6)),
        );
        self::assertEquals(new Message(LineGap::Short, ['mass' => Mass::ofGrams(5350)]), $line->gap());
        self::assertEquals(
            new Message(LineGap::Over, ['mass' => Mass::ofGrams(45)]),
            self::line(8000, null, null, PriceUnit::Kilo, [self::found(8045)])->gap(),
        );
        self::assertEquals(
            new Message(LineGap::FishShort, ['count' => 1]),
            self::line(null, 3, 900, PriceUnit::Each, [self::found(800, null, 2)])->gap(),
        );
        self::assertNull(self::line(null, null, null, PriceUnit::Kilo, [self::found(800)])->gap());
        self::assertNull(self::line(null, null, null, PriceUnit::Kilo, [])->question(self::found(90_000)));
    }

    public function test_a_size_grade_holds_its_ends(): void
    {
        $grade = SizeGrade::parse(' 400/600 g');
        self::assertSame('400 to 600 g', $grade->print());
        self::assertSame(
            [true, false, false, true],
            array_map(fn (int $mg): bool => $grade->isMissedBy(Mass::ofMilligrams($mg)), [
                399_999,
                400_000,
                600_000,
                600_001,
            ]),
        );
        self::assertSame(333_333, self::found(1000, null, 3)->each()->milligrams);
        foreach (['600-400', '400', 'large', '-1-5', '400-400'] as $bad) {
            try {
                SizeGrade::parse($bad);
                self::fail("{$bad} was taken.");
            } catch (BadGrade $refusal) {
                self::assertSame('/grade', $refusal->pointer());
            }
        }
    }

    public function test_raw_service_is_open_by_paper_or_by_kind_and_never_by_looks(): void
    {
        $open = fn (?string $kind, array $hazards, ?string $proof): bool => RawService::of(
            $kind,
            array_values(array_filter($hazards, fn (mixed $one): bool => $one instanceof Hazard)),
            $proof,
        )->open;
        self::assertFalse($open('Merluccius merluccius', [Hazard::Parasites], null));
        self::assertTrue($open('Merluccius merluccius', [Hazard::Parasites], 'frozen'));
        self::assertTrue($open('Oncorhynchus mykiss', [Hazard::Parasites, Hazard::Freshwater], 'farmed feed'));
        self::assertTrue($open('Thunnus albacares', [Hazard::Histamine], null));
        self::assertFalse($open('Katsuwonus pelamis', [Hazard::Histamine], null));
        self::assertFalse($open('Ruvettus pretiosus', [Hazard::Purging], 'frozen'));
        self::assertFalse($open('Anguilla anguilla', [Hazard::Toxin], 'farmed feed'));
        self::assertStringContainsString('Check your local code', RawService::of('Thunnus thynnus', [], null)->why);
    }
}
