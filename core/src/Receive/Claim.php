<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/**
 * A delivery against its invoice: what is short, over, refused or of the wrong size, to the gram and the minor unit.
 *
 * A difference within the scale's tolerance is nobody's fault and not claimed; beyond it the whole difference is. What
 * is short in one box and over in the next, and within the tolerance of the whole delivery, is not claimed either. Each
 * item is rounded once, and the total is the sum of the items as printed.
 */
final readonly class Claim
{
    /** @param  list<ClaimItem>  $items */
    private function __construct(public array $items, public Money $total)
    {
    }

    /**
     * @param  list<Invoiced>  $lines
     * @param  list<FoundInside>  $inside  what was found when fish were cut, and the supplier is to hear of
     * @param  list<NotAsSold>  $notAsSold  fish on which the kitchen did what the supplier had not
     */
    public static function of(array $lines, Currency $currency, array $inside = [], array $notAsSold = []): self
    {
        $items = [];
        $even = self::isEven($lines);
        foreach ($lines as $line) {
            if ($line->found !== []) {
                array_push(
                    $items,
                    ...self::refused($line, $currency),
                    ...$even ? self::missing($line, $currency) : self::difference($line, $currency),
                    ...self::aboveTheOrder($line, $currency),
                    ...self::wrongGrade($line),
                    ...self::wrongSpecies($line),
                );
            }
        }
        array_push($items, ...array_map(fn (NotAsSold $one): ClaimItem => $one->item(), $notAsSold));
        foreach ($inside as $found) {
            $money =
                $found->pricePerKg === null || $found->mass === null
                    ? null
                    : Money::round(
                        $found->pricePerKg->multipliedBy($found->mass->milligrams)->dividedBy(1_000_000),
                        $currency,
                    );
            $items[] = new ClaimItem(
                'found when cut',
                $found->name,
                $found->mass ?? Mass::zero(),
                0,
                $money,
                "{$found->name}: ".
                    lcfirst($found->what).
                    ' found when it was cut'.
                    ($found->mass === null ? '' : ", {$found->mass->print()}").
                    ($found->note === '' ? '.' : ": {$found->note}.").
                    ($money === null ? '' : " At the invoice's price: {$money->print()}."),
                $found->fish,
            );
        }
        $total = array_sum(array_map(fn (ClaimItem $item): int => $item->claimed->minor ?? 0, $items));

        return new self($items, Money::ofMinor($total, $currency));
    }

    public function isEmpty(): bool
    {
        return $this->items === [];
    }

    /**
     * The text as it goes to the supplier.
     *
     * @param  string  $on  the day it was received, as printed
     */
    public function text(string $house, string $supplier, string $invoice, string $on): string
    {
        $lines = ["To {$supplier}", "Your delivery {$invoice}, weighed at {$house} on {$on}.", ''];
        foreach ($this->items as $i => $item) {
            $lines[] = $i + 1 .'. '.$item->sentence;
        }
        $lines[] = '';
        $lines[] =
            $this->total->minor > 0
                ? "Please credit {$this->total->print()}.".
                    ($this->refusesAny() ? ' Refused fish is kept apart on ice for you to collect.' : '')
                : 'Nothing is claimed in money yet; please tell us how you would like to settle it.';
        $lines[] = 'Each fish was weighed on our scale; differences within its tolerance are not claimed.';

        return implode("\n", $lines);
    }

    private function refusesAny(): bool
    {
        return array_filter($this->items, fn (ClaimItem $item): bool => $item->kind === 'refused') !== [];
    }

    /** @return list<ClaimItem> */
    private static function refused(Invoiced $line, Currency $currency): array
    {
        $byReason = [];
        foreach ($line->found as $found) {
            if ($found->refused !== null) {
                $byReason[$found->refused][] = $found;
            }
        }
        $items = [];
        foreach ($byReason as $reason => $all) {
            $count = array_sum(array_map(fn (Found $f): int => $f->count, $all));
            $mass = array_reduce($all, fn (Mass $sum, Found $f): Mass => $sum->plus($f->mass), Mass::zero());
            $money = self::worth($line, $mass, $count, $currency);
            $items[] = new ClaimItem(
                'refused',
                $line->name,
                $mass,
                $count,
                $money,
                "{$line->name}: refused {$count} fish, {$mass->print()}. ".
                    rtrim("{$reason}", '.').
                    '.'.
                    self::at($line, $money),
            );
        }

        return $items;
    }

    /**
     * Whether the delivery as a whole weighs what was invoiced, to what the scale can tell of all its weighings.
     *
     * @param  list<Invoiced>  $lines
     */
    private static function isEven(array $lines): bool
    {
        $missing = 0;
        $tolerance = 0;
        foreach ($lines as $line) {
            if ($line->mass !== null && $line->found !== []) {
                $missing += $line->mass->minus($line->received())->milligrams;
                $tolerance += $line->tolerance()->milligrams;
            }
        }

        return abs($missing) <= $tolerance;
    }

    /** @return list<ClaimItem> fish that are missing by their count */
    private static function missing(Invoiced $line, Currency $currency): array
    {
        return $line->unit === PriceUnit::Each && $line->count !== null ? self::difference($line, $currency) : [];
    }

    /** @return list<ClaimItem> */
    private static function difference(Invoiced $line, Currency $currency): array
    {
        if ($line->unit === PriceUnit::Each && $line->count !== null) {
            $missing = $line->count - $line->receivedCount();
            if ($missing === 0) {
                return [];
            }
            $kind = $missing > 0 ? 'short' : 'over';
            $money = $missing > 0 ? self::worth($line, Mass::zero(), $missing, $currency) : null;

            return [
                new ClaimItem(
                    $kind,
                    $line->name,
                    Mass::zero(),
                    abs($missing),
                    $money,
                    "{$line->name}: invoiced {$line->count} fish, received {$line->receivedCount()}. ".
                        ($missing > 0
                            ? "Short {$missing} fish".self::at($line, $money, '')
                            : abs($missing).' fish over, not ordered: tell us whether you want them back.'),
                ),
            ];
        }
        if ($line->mass === null) {
            return [];
        }
        $missing = $line->mass->minus($line->received());
        if ($missing->abs()->milligrams <= $line->tolerance()->milligrams) {
            return [];
        }
        $short = $missing->isPositive();
        $money = $short ? self::worth($line, $missing, 0, $currency) : null;
        $count = $line->count === null ? 0 : abs($line->count - $line->receivedCount());
        $sentence =
            "{$line->name}: invoiced {$line->mass->print()}, received {$line->received()->print()}".
            ($count > 0 ? " ({$line->receivedCount()} of {$line->count} fish)" : '').
            '. ';
        $sentence .= $short
            ? "Short {$missing->print()}".self::at($line, $money, '')
            : "Over by {$missing->abs()->print()}: not on the invoice.";

        return [new ClaimItem($short ? 'short' : 'over', $line->name, $missing->abs(), $count, $money, $sentence)];
    }

    /** @return list<ClaimItem> what is kept and was invoiced dearer than it was ordered */
    private static function aboveTheOrder(Invoiced $line, Currency $currency): array
    {
        if ($line->ordered === null || $line->price === null || $line->unit !== PriceUnit::Kilo) {
            return [];
        }
        $kept = array_values(array_filter($line->found, fn (Found $found): bool => $found->refused === null));
        $mass = array_reduce($kept, fn (Mass $sum, Found $found): Mass => $sum->plus($found->mass), Mass::zero());
        $above = $line->price->minus($line->ordered);
        if ($above->isLessThanOrEqualTo(0) || ! $mass->isPositive()) {
            return [];
        }
        $money = Money::round($above->multipliedBy($mass->milligrams)->dividedBy(1_000_000), $currency);
        [$ordered, $asked] = [Money::round($line->ordered, $currency), Money::round($line->price, $currency)];

        return [
            new ClaimItem(
                'dearer',
                $line->name,
                $mass,
                array_sum(array_map(fn (Found $found): int => $found->count, $kept)),
                $money,
                "{$line->name}: ordered at {$ordered->print()} a kg, invoiced at {$asked->print()}. ".
                    "{$mass->print()} kept: {$money->print()} too much.",
                self::kept($kept),
            ),
        ];
    }

    /** @return list<ClaimItem> */
    private static function wrongGrade(Invoiced $line): array
    {
        $wrong = array_values(
            array_filter($line->found, fn (Found $f): bool => $f->wrongGrade !== null && $f->refused === null),
        );
        if ($wrong === []) {
            return [];
        }
        $count = array_sum(array_map(fn (Found $f): int => $f->count, $wrong));
        $mass = array_reduce($wrong, fn (Mass $sum, Found $f): Mass => $sum->plus($f->mass), Mass::zero());

        return [
            new ClaimItem(
                'wrong grade',
                $line->name,
                $mass,
                $count,
                null,
                "{$line->name}: {$count} fish, {$mass->print()}, are not of the size sold ".
                    "({$wrong[0]->wrongGrade}). Kept; please offer a price for them.",
                self::kept($wrong),
            ),
        ];
    }

    /** @return list<ClaimItem> kept apart until the supplier says what it is; nothing is claimed in money before */
    private static function wrongSpecies(Invoiced $line): array
    {
        $bySigns = [];
        foreach ($line->found as $found) {
            if ($found->notIt !== null && $found->refused === null) {
                $bySigns[$found->notIt][] = $found;
            }
        }
        $items = [];
        foreach ($bySigns as $signs => $all) {
            $count = array_sum(array_map(fn (Found $f): int => $f->count, $all));
            $mass = array_reduce($all, fn (Mass $sum, Found $f): Mass => $sum->plus($f->mass), Mass::zero());
            $items[] = new ClaimItem(
                'wrong species',
                $line->name,
                $mass,
                $count,
                null,
                "{$line->name}: {$count} fish, {$mass->print()}, may be another kind; missing: {$signs}. Kept apart; ".
                    'please tell us what it is.',
                self::kept($all),
            );
        }

        return $items;
    }

    /**
     * @param  list<Found>  $found
     * @return array<string, Mass>
     */
    private static function kept(array $found): array
    {
        $fish = [];
        foreach ($found as $one) {
            if ($one->fish !== '') {
                $fish[$one->fish] = $one->mass;
            }
        }

        return $fish;
    }

    private static function worth(Invoiced $line, Mass $mass, int $count, Currency $currency): ?Money
    {
        return $line->price === null ? null : Money::round($line->unit->amount($line->price, $mass, $count), $currency);
    }

    /** " At €9.80 a kg: €4.51." */
    private static function at(Invoiced $line, ?Money $money, string $before = ' At'): string
    {
        if ($money === null || $line->price === null) {
            return $before === '' ? '.' : '';
        }
        $each = Money::round($line->price, $money->currency)->print();

        return ($before === '' ? ' at' : $before)." {$each} {$line->unit->spoken()}: {$money->print()}.";
    }
}
