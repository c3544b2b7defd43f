<?php

declare(strict_types=1);

namespace Sectum\Tests\Practise;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\BreakDown\Container;
use Sectum\BreakDown\ExplanationKind;
use Sectum\Fish\Bin;
use Sectum\Fish\FatClass;
use Sectum\Fish\Hazard;
use Sectum\Fish\Part;
use Sectum\Fish\Share;
use Sectum\Fish\StateBought;
use Sectum\Hold\Freezing\FreezeRule;
use Sectum\Measure\Mass;
use Sectum\Portion\Serve\ServiceClass;
use Sectum\Practise\BadDrill;
use Sectum\Practise\Dice;
use Sectum\Practise\Fresh\FreshDrill;
use Sectum\Practise\Fresh\LotJudged;
use Sectum\Practise\Raw\FishAsked;
use Sectum\Practise\Raw\RawDrill;
use Sectum\Practise\Raw\Ruling;
use Sectum\Practise\Sheet\Mistake;
use Sectum\Practise\Sheet\SheetDrill;
use Sectum\Practise\Sort\SortDrill;
use Sectum\Receive\Attribute;
use Sectum\Receive\Verdict;
use Sectum\Route\Ways;

/** Drills that are decided on: lots, sheets, parts and papers. */
final class DecidedDrillsTest extends TestCase
{
    private function dice(int $number): Dice
    {
        return Dice::of(Dice::seed($number));
    }

    /** @param  callable(): mixed  $ask */
    private function refusedAt(string $pointer, callable $ask): void
    {
        try {
            $ask();
        } catch (BadDrill $bad) {
            self::assertSame($pointer, $bad->pointer());

            return;
        }
        self::fail("Nothing was refused at {$pointer}.");
    }

    public function test_one_sign_of_each_lot_decides_and_no_other(): void
    {
        $verdicts = $signs = [];
        for ($seed = 1; $seed <= 150; $seed++) {
            foreach (FreshDrill::drawn($this->dice($seed), FatClass::Lean, StateBought::Gutted, [])->lots as $lot) {
                $verdicts[] = $lot->judged->verdict->value;
                $signs[] = $lot->decides->value;
                $grades = $lot->looks->grades;
                unset($grades[$lot->decides->value]);
                $away = abs($lot->looks->grades[$lot->decides->value] - array_sum($grades) / count($grades));
                self::assertGreaterThanOrEqual(1.0, $away, 'it stands against the story of the others');
            }
        }
        self::assertGreaterThanOrEqual(3, count(array_unique($verdicts)));
        self::assertGreaterThanOrEqual(5, count(array_unique($signs)));
    }

    public function test_sureness_is_set_beside_how_often_it_was_right_and_scores_nothing(): void
    {
        $drill = FreshDrill::drawn($this->dice(4), FatClass::Oily, StateBought::Gutted, []);
        $say = fn (int $sure): array => array_map(
            fn ($lot): LotJudged => new LotJudged($lot->looks->grades, $lot->judged->verdict, $lot->decides, $sure),
            $drill->lots,
        );
        $certain = $drill->judged($say(100));
        self::assertSame([100.0, 3, 100.0, 0.0], [
            round($certain->scorePct, 9), $certain->right, $certain->surePct, $certain->brier,
        ]);
        $unsure = $drill->judged($say(50));
        self::assertSame([$certain->scorePct, 0.25], [$unsure->scorePct, $unsure->brier]);
        $this->refusedAt('/sure_pct', fn () => $say(24));
        $this->refusedAt('/grades/eyes', fn () => new LotJudged(['eyes' => 4], Verdict::Hold, Attribute::Eyes, 50));
        $blank = new LotJudged([], Verdict::Hold, Attribute::Eyes, 50);
        $this->refusedAt('/lots', fn () => $drill->judged([$blank]));
        $first = array_key_first($drill->lots[0]->looks->grades);
        $this->refusedAt("/lots/0/grades/{$first}", fn () => $drill->judged([$blank, $blank, $blank]));
    }

    private function sheets(int $seed): SheetDrill
    {
        return SheetDrill::drawn(
            $this->dice($seed),
            [
                'head' => new Share(20, 2), 'frame' => new Share(14, 1.7),
                'side-a' => new Share(32, 2), 'side-b' => new Share(32, 2),
            ],
            Mass::ofGrams(1800),
            [new Container('half tray', Mass::ofGrams(412))],
        );
    }

    public function test_every_kind_of_mistake_is_planted_and_some_sheets_are_right(): void
    {
        $kinds = [];
        for ($seed = 1; $seed <= 25; $seed++) {
            foreach ($this->sheets($seed)->sheets as $sheet) {
                $kinds[] = $sheet->mistake->kind->value ?? 'none';
            }
        }
        self::assertSame(['digits', 'none', 'tare', 'twice', 'unit'], array_values(array_unique(self::sorted($kinds))));
    }

    /**
     * @param  list<string>  $all
     * @return list<string>
     */
    private static function sorted(array $all): array
    {
        sort($all);

        return $all;
    }

    /**
     * @template T
     *
     * @param  list<T>  $all
     * @param  T  $other
     * @return list<T>
     */
    private static function with(array $all, int $place, mixed $other): array
    {
        return array_values(array_replace($all, [$place => $other]));
    }

    public function test_the_reading_counts_half_and_what_happened_to_it_half(): void
    {
        $drill = $this->sheets(3);
        $answers = array_map(fn ($sheet): ?Mistake => $sheet->mistake, $drill->sheets);
        self::assertSame(100.0, $drill->judged($answers)->scorePct);
        $at = array_key_first(array_filter($answers, fn (?Mistake $one): bool => $one !== null));
        self::assertNotNull($at);
        $mistake = $answers[$at];
        self::assertNotNull($mistake);
        $other = $mistake->kind === ExplanationKind::Unit ? ExplanationKind::Tare : ExplanationKind::Unit;
        $half = $drill->judged(self::with($answers, $at, new Mistake($mistake->piece, $other)));
        self::assertSame(0.5, $half->points[$at]);
        $none = $drill->judged(self::with($answers, $at, null));
        self::assertSame(0.0, $none->points[$at]);
        $this->refusedAt('/sheets', fn () => $drill->judged([]));
        $this->refusedAt(
            '/sheets/0/piece',
            fn () => $drill->judged(
                self::with($answers, 0, new Mistake('tail', ExplanationKind::Unit)),
            ),
        );
        $this->refusedAt('/subject', fn () => SheetDrill::drawn($this->dice(1), [], Mass::ofGrams(1800), []));
    }

    public function test_the_houses_bin_scores_full_another_that_may_be_half_and_what_may_not_be_nothing(): void
    {
        $drill = SortDrill::drawn($this->dice(9), FatClass::Oily, [Hazard::Parasites], [Part::Collar], new Ways());
        $first = array_map(fn ($part): Bin => $part->to->first(), $drill->parts);
        self::assertSame(100.0, $drill->judged($first)->scorePct);
        $seen = [];
        foreach ($drill->parts as $i => $part) {
            foreach (Bin::cases() as $bin) {
                $points = $drill->judged(self::with($first, $i, $bin))->points[$i];
                $seen[] = (string) $points;
                if ($part->to->to($bin)?->allowed !== true) {
                    self::assertSame(0.0, $points, "{$part->part->part->value} to {$bin->value}");
                }
            }
        }
        self::assertEqualsCanonicalizing(['0', '0.5', '1'], array_values(array_unique($seen)));
        $this->refusedAt('/bins', fn () => $drill->judged([]));
        $ours = new Ways(skinsInStock: true, grillsHeads: true);
        $moved = 0;
        for ($seed = 1; $seed <= 30; $seed++) {
            $house = SortDrill::drawn($this->dice($seed), FatClass::Lean, [], [], $ours)->parts;
            $plain = SortDrill::drawn($this->dice($seed), FatClass::Lean, [], [], new Ways())->parts;
            foreach ($house as $i => $part) {
                $moved += $part->to->first() !== $plain[$i]->to->first() ? 1 : 0;
            }
        }
        self::assertGreaterThan(5, $moved, 'the rules of the house decide');
    }

    /** @return iterable<string, array{Ruling}> */
    public static function rulings(): iterable
    {
        foreach (Ruling::cases() as $ruling) {
            yield $ruling->value => [$ruling];
        }
    }

    #[DataProvider('rulings')]
    public function test_each_ruling_comes_up_with_the_record_that_makes_it_so(Ruling $ruling): void
    {
        $fish = [
            new FishAsked('Hake', 'Merluccius merluccius', [Hazard::Parasites]),
            new FishAsked('Albacore', 'Thunnus alalunga', [Hazard::Histamine]),
        ];
        for ($seed = 1; $seed <= 30; $seed++) {
            foreach (RawDrill::drawn($this->dice($seed), $fish)->cases as $case) {
                if ($case->ruling !== $ruling) {
                    continue;
                }
                self::assertSame($ruling->isOfARecord(), $case->rule instanceof FreezeRule);
                self::assertSame($ruling === Ruling::Cooked, $case->served === ServiceClass::Cooked);
                self::assertSame($ruling === Ruling::ExemptTuna, $case->fish->name === 'Albacore');
                self::assertSame($ruling === Ruling::NoCore, $case->air !== [] && $case->core === []);

                return;
            }
        }
        self::fail("{$ruling->value} never came up.");
    }
}
