<?php

declare(strict_types=1);

namespace App\BreakDown\Yields;

use App\Catalogue\HouseBin;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Format\Words;
use App\Kitchen\Settings;
use Sectum\BreakDown\LadderRung;
use Sectum\BreakDown\LeftOnFrame;
use Sectum\BreakDown\TwoSides;
use Sectum\BreakDown\YieldVerdict;
use Sectum\Fish\Bin;
use Sectum\Fish\Part;
use Sectum\Fish\Rung;
use Sectum\Measure\Mass;
use Sectum\Measure\Percent;

/**
 * What the weights say besides whether they add up: the frame, the two sides, and each rung beside what fish like this
 * give.
 */
final readonly class YieldRemarks
{
    public function __construct(
        private Fish $fish,
        private Words $words,
        private Settings $settings,
        private bool $priced,
    ) {
    }

    /** @return array{what: string, todo: string, piece: string|null, tray: null}|null */
    public function frame(): ?array
    {
        $left = $this->leftOnFrame();
        if ($left === null) {
            return null;
        }
        $money = $this->priced ? ", worth {$left->worth->print()} against {$left->work->print()} of work" : '';

        return [
            'what' => "Left on the frame: about {$this->words->text($left->left)}.",
            'todo' => $left->pays()
                ? "A spoon brings some {$this->words->text(
                    $left->scrapable,
                )}{$money}: scrape it and weigh the scrapings."
                : "Scraping it does not pay{$money}; mind it on the next fish.",
            'piece' => null,
            'tray' => null,
        ];
    }

    /** What was left on the frame beyond a clean one's spread; null when nothing to speak of. */
    public function leftOnFrame(): ?LeftOnFrame
    {
        $frame = $this->piece(Part::Frame);
        $clean = $this->fish->species->expected($this->fish->state)[Part::Frame->value] ?? null;
        if ($frame === null || $clean === null || ! $this->fish->mass()->isPositive()) {
            return null;
        }
        $scraped = $this->fish->pieces
            ->filter(fn (Piece $piece): bool => $piece->part === Part::Scrapings)
            ->sum(fn (Piece $piece): int => $piece->reading()->mass_mg ?? 0);

        return LeftOnFrame::of(
            $this->fish->mass(),
            $frame->reading()?->mass() ?? Mass::zero(),
            $clean,
            Mass::ofMilligrams($scraped),
            $this->settings->perKg(HouseBin::of(Bin::Mince)->value_per_kg_minor),
            $this->settings->labourPerHour,
        );
    }

    /** @return array{what: string, todo: string, piece: string|null, tray: null}|null */
    public function sides(): ?array
    {
        $sides = $this->twoSides();
        [$a, $b] = $this->weighedSides();
        if ($sides === null || $a === null || $b === null || $sides->areAlike()) {
            return null;
        }
        [$heavy, $light] = $sides->firstIsHeavier ? [$a, $b] : [$b, $a];

        return [
            'what' => "{$heavy->name} is {$this->words->text($sides->difference())} heavier than ".
                lcfirst($light->name).
                '.',
            'todo' => 'Look at the frame on the side of '.lcfirst($light->name).' for what was left.',
            'piece' => null,
            'tray' => null,
        ];
    }

    /** The two sides beside each other; null while they are not both weighed. */
    public function twoSides(): ?TwoSides
    {
        [$a, $b] = $this->weighedSides();

        return $a === null || $b === null
            ? null
            : TwoSides::of($a->reading()?->mass() ?? Mass::zero(), $b->reading()?->mass() ?? Mass::zero());
    }

    /** @return array{Piece|null, Piece|null} */
    private function weighedSides(): array
    {
        return [
            $this->piece(Part::SideA) ?? $this->piece(Part::LoinA),
            $this->piece(Part::SideB) ?? $this->piece(Part::LoinB),
        ];
    }

    /** @return Answer|null the band of a rung; null where nothing is known of it */
    public function band(LadderRung $rung): ?array
    {
        if ($rung->rung === Rung::AsBought) {
            return null;
        }
        $expected = KeepYields::expected($this->fish, $rung->rung);

        return $expected === null
            ? null
            : [
                'low_pct' => $expected->lowPct,
                'high_pct' => $expected->highPct,
                'mean_pct' => $expected->meanPct,
                'said' => round($expected->lowPct).' to '.Percent::of($expected->highPct)->print(null, 0),
                'from' => $expected->records === 0
                        ? 'starting figure'
                        : ($expected->records === 1 ? 'our 1 fish' : "our {$expected->records} fish").
                            ($expected->slopePct === null ? '' : ', by size'),
                'verdict' => $rung->sdPct > 3
                        ? YieldVerdict::AsExpected->value
                        : $expected->verdict($rung->ofPurchasedPct)->value,
            ];
    }

    private function piece(Part $part): ?Piece
    {
        return $this->fish->pieces->first(
            fn (Piece $piece): bool => $piece->part === $part && $piece->reading() !== null,
        );
    }
}
