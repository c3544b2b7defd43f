<?php

declare(strict_types=1);

namespace App\Portion\Tonight;

use App\Fish\Fish;
use App\Kitchen\Format\Words;
use App\Kitchen\Settings;
use App\Portion\CutPlan\BoardFillet;
use App\Portion\CutPlan\FilletPlan;
use App\Portion\Dish\Dish;
use Closure;
use Sectum\Measure\Mass;
use Sectum\Portion\Allocate\Deal;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\Kind;

/** Tonight for one kind of fish: its dishes, the fillets that wait, what the cook has fixed of them, and uncut fish. */
final readonly class OneKind
{
    /** @var list<array<string, int>|null> pieces by dish the cook has fixed, by fillet; null for a free one */
    private array $fixed;

    /** @var array<string, int> the same of all fillets together */
    private array $byHand;

    /**
     * @param  list<Dish>  $dishes
     * @param  list<FilletPlan>  $fillets
     * @param  list<Fish>  $uncut
     * @param  array<array-key, int>  $need  portions wanted, by dish
     * @param  list<string>  $planned  dishes whose need is that of the day's services
     * @param  array<string, int>  $made  portions cut today, by dish
     */
    public function __construct(
        private string $fish,
        private array $dishes,
        private array $fillets,
        private array $uncut,
        private array $need,
        private array $planned,
        private array $made,
    ) {
        $this->fixed = array_map(self::fixedOn(...), $fillets);
        $all = [];
        foreach ($this->fixed as $counts) {
            foreach ($counts ?? [] as $dish => $pieces) {
                $all[$dish] = ($all[$dish] ?? 0) + $pieces;
            }
        }
        $this->byHand = $all;
    }

    /**
     * The free fillets dealt out over what is wanted still; null when there is nothing to deal.
     *
     * @param  Closure(float): void  $progress
     */
    public function deal(Settings $settings, Closure $progress): ?Deal
    {
        $free = array_filter($this->fillets, fn (int $k): bool => $this->fixed[$k] === null, ARRAY_FILTER_USE_KEY);

        return Deal::of(
            array_map(fn (FilletPlan $plan): FilletOnBoard => $plan->fillet, array_values($free)),
            array_map(
                fn (Dish $dish): Kind => $dish->kind($settings)->valued(
                    $dish->priority->weight() * max(1, $dish->worth($settings)->minor) / $dish->per_plate,
                ),
                $this->dishes,
            ),
            $this->wantedStill(),
            $progress,
        );
    }

    /**
     * @param  bool  $dealt  whether the fillets were dealt out, by hand or else
     * @param  list<string>  $together  fillets weighed together
     * @return Answer
     */
    public function view(bool $dealt, ?Deal $deal, array $together, ?float $seconds, Words $words): array
    {
        $known = $dealt && ($deal !== null || $this->byHand !== []);
        $dishes = array_map(
            fn (Dish $dish): array => $this->dish($dish, $known ? ($deal->made[$dish->id] ?? 0) : null, $words),
            $this->dishes,
        );

        return [
            'fish' => $this->fish,
            'uncut' => count($this->uncut),
            'dishes' => $dishes,
            'fillets' => $this->fillets($deal, $words),
            'together' => $together,
            'gap_pct' => $deal?->gapPct,
            'seconds' => $deal === null ? null : $seconds,
            'said' => $known ? $this->said($dishes) : '',
        ];
    }

    /**
     * Own marks, or at most so many of each, are the cook's word; null when a fillet is free.
     *
     * @return array<string, int>|null pieces by dish
     */
    private static function fixedOn(FilletPlan $plan): ?array
    {
        $laying = $plan->laying;
        $limited = array_filter($laying->kinds, fn (array $kind): bool => $kind['max'] !== null);
        if (BoardFillet::under($plan->piece) === null || ($laying->marksCm === [] && $limited === [])) {
            return null;
        }
        $counts = [];
        foreach ($plan->ahead() as $piece) {
            if ($piece->kind !== '') {
                $counts[$piece->kind] = ($counts[$piece->kind] ?? 0) + 1;
            }
        }

        return $counts;
    }

    /** @return array<string, int> pieces by dish, less what was cut today and what the cook has fixed */
    private function wantedStill(): array
    {
        $left = [];
        foreach ($this->dishes as $dish) {
            $portions = max(0, ($this->need[$dish->id] ?? 0) - ($this->made[$dish->id] ?? 0));
            $left[$dish->id] = max(0, $portions * $dish->per_plate - ($this->byHand[$dish->id] ?? 0));
        }

        return $left;
    }

    /**
     * @param  int|null  $dealt  pieces the free fillets give; null while nothing is dealt out
     * @return array{dish: string, name: string, target: mixed, priority: string, need: int, planned: bool,
     *     made: int, comes: int|null,
     *     short: int|null, beyond: int|null, uncut: array{about: int, sure: int}|null, sizes: bool}
     */
    private function dish(Dish $dish, ?int $dealt, Words $words): array
    {
        $need = $this->need[$dish->id] ?? 0;
        $made = $this->made[$dish->id] ?? 0;
        $comes = $dealt === null ? null : intdiv($dealt + ($this->byHand[$dish->id] ?? 0), $dish->per_plate);

        return [
            'dish' => $dish->id,
            'name' => $dish->name,
            'target' => $words->mass($dish->band()->target),
            'priority' => $dish->priority->value,
            'need' => $need,
            'planned' => in_array($dish->id, $this->planned, true),
            'made' => $made,
            'comes' => $comes,
            'short' => $comes === null ? null : max(0, $need - $made - $comes),
            'beyond' => $comes === null ? null : max(0, $made + $comes - $need),
            'uncut' => $this->uncutGives($dish),
            'sizes' => $dish->sizes() !== [],
        ];
    }

    /** @return array{about: int, sure: int}|null were all of them cut for it; null when nothing is expected */
    private function uncutGives(Dish $dish): ?array
    {
        $sides = array_values(array_filter(array_map(ExpectedSides::of(...), $this->uncut)));
        if ($sides === []) {
            return null;
        }
        $portions = ExpectedSides::give($sides, $dish->band()->target);

        return ['about' => (int) round($portions->expected), 'sure' => $portions->sure];
    }

    /** @return list<Answer> */
    private function fillets(?Deal $deal, Words $words): array
    {
        $fillets = [];
        $free = 0;
        foreach ($this->fillets as $k => $plan) {
            $counts = $this->fixed[$k] ?? ($deal->counts[$free] ?? null);
            $free += $this->fixed[$k] === null ? 1 : 0;
            $fillets[] = [
                'fish' => $plan->piece->fish_id,
                'piece' => $plan->piece->id,
                'name' => $plan->piece->name,
                'number' => $plan->fishNumber,
                'left' => $words->mass($plan->left),
                'available' => $words->mass(
                    Mass::ofGrams($plan->overdrawn ? 0.0 : max(0.0, $plan->fillet->availableGrams())),
                ),
                'fixed' => $this->fixed[$k] !== null,
                'counts' => $counts === null ? [] : array_map(
                    fn (Dish $dish): array => [
                        'dish' => $dish->id,
                        'name' => $dish->name,
                        'count' => $counts[$dish->id] ?? 0,
                    ],
                    $this->dishes,
                ),
            ];
        }

        return $fillets;
    }

    /** @param  list<array{name: string, short: int|null, ...}>  $dishes */
    private function said(array $dishes): string
    {
        $short = [];
        foreach ($dishes as $dish) {
            if ($dish['short'] > 0) {
                $short[] = "{$dish['short']} of {$dish['name']}";
            }
        }

        return $short === []
            ? 'There is enough for all that is wanted.'
            : implode(' and ', $short).' will be short tonight.';
    }
}
