<?php

declare(strict_types=1);

namespace Sectum\Log\Walk;

use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\Keel;
use Sectum\BreakDown\KeelSegment;
use Sectum\BreakDown\LeftOnFrame;
use Sectum\Fish\Family;
use Sectum\Fish\Part;
use Sectum\Fish\Share;
use Sectum\Math\LargestRemainder;
use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;

/**
 * The grams of one fish from the box to the plate, by the step at which they leave. They add up to the whole to the
 * milligram: what no step takes is process loss, below zero where more came off than went on.
 */
final readonly class FishWalk
{
    /**
     * @param  array<string, int>  $mg  milligrams by step
     * @param  array<string, int>  $trays  of what is on plates, milligrams by the tray it was put on
     */
    private function __construct(public Mass $whole, private array $mg, public array $trays)
    {
    }

    /**
     * @param  Share|null  $cleanFrame  of a fish like it; null when nobody knows
     * @param  array<string, PortionCut>  $portions  by piece
     * @param  bool  $portioned  whether nothing more is cut of its fillets
     */
    public static function of(CutTree $tree, ?Share $cleanFrame, array $portions, bool $portioned): self
    {
        $whole = $tree->pieces[$tree->root]->reading ?? Mass::zero();
        $mg = self::none();
        $trays = [];
        $parts = [];
        foreach ($tree->pieces as $piece) {
            $parts[$piece->id] = $piece->part;
        }
        foreach (Keel::of($tree, MassUnit::Gram)->segments as $segment) {
            $part = $parts[$segment->piece] ?? null;
            $cut = $part === Part::Portion ? $portions[$segment->piece] ?? new PortionCut(null) : null;
            $steps = match (true) {
                $cut !== null => self::portion($cut, $segment->mass->milligrams),
                $part === Part::Frame => self::frame($whole, $segment->mass, $cleanFrame),
                default => [self::step($part, $segment, $portioned)->value => $segment->mass->milligrams],
            };
            foreach ($steps as $step => $some) {
                $mg[$step] += $some;
            }
            if ($cut?->tray !== null && $cut->bin === null) {
                $trays[$cut->tray] = ($trays[$cut->tray] ?? 0) + ($steps[WalkStep::Plates->value] ?? 0);
            }
        }
        $mg[WalkStep::Process->value] += $whole->milligrams - array_sum($mg);

        return new self($whole, $mg, $trays);
    }

    /**
     * As it was kept.
     *
     * @param  array<string, int>  $mg  by step; a step that is missing took nothing
     * @param  array<string, int>  $trays
     */
    public static function kept(array $mg, array $trays): self
    {
        $known = array_intersect_key($mg, self::none());

        return new self(Mass::ofMilligrams(array_sum($known)), [...self::none(), ...$known], $trays);
    }

    public function at(WalkStep $step): Mass
    {
        return Mass::ofMilligrams($this->mg[$step->value]);
    }

    /** @return array<string, int> milligrams by step; they add up to the whole */
    public function milligrams(): array
    {
        return $this->mg;
    }

    /**
     * What really became of the portions on its trays.
     *
     * @param  array<string, TrayFate>  $fates  by tray; a tray without one was served
     */
    public function served(array $fates): self
    {
        $mg = $this->mg;
        foreach ($this->trays as $tray => $some) {
            $counts = isset($fates[$tray]) ? $fates[$tray]->counts() : [];
            if (array_sum($counts) > 0) {
                $mg[WalkStep::Plates->value] -= $some;
                foreach (LargestRemainder::split($some, array_values($counts)) as $i => $share) {
                    $mg[array_keys($counts)[$i]] += $share;
                }
            }
        }

        return new self($this->whole, $mg, []);
    }

    /** @return array<string, int> */
    private static function none(): array
    {
        return array_fill_keys(array_map(fn (WalkStep $step): string => $step->value, WalkStep::cases()), 0);
    }

    /** @return array<string, int> */
    private static function portion(PortionCut $cut, int $mg): array
    {
        if ($cut->bin !== null) {
            return [($cut->bin === Family::Discard ? WalkStep::Discarded : WalkStep::Unserved)->value => $mg];
        }
        $over = $cut->target === null ? 0 : max(0, $mg - $cut->target->milligrams);

        return [WalkStep::Plates->value => $mg - $over, WalkStep::Over->value => $over];
    }

    /** @return array<string, int> */
    private static function frame(Mass $whole, Mass $frame, ?Share $clean): array
    {
        $left = $clean === null ? 0 : LeftOnFrame::beyond($whole, $frame, $clean)->milligrams;

        return [WalkStep::Bones->value => $frame->milligrams - $left, WalkStep::FrameLeft->value => $left];
    }

    private static function step(?Part $part, KeelSegment $segment, bool $portioned): WalkStep
    {
        return match ($part) {
            null, Part::Whole => WalkStep::Process,
            Part::Head, Part::Frame, Part::Bones, Part::Fins, Part::Ribs, Part::PinBones => WalkStep::Bones,
            Part::Gills, Part::Guts, Part::Scales => WalkStep::Guts,
            Part::Skin => WalkStep::Skin,
            Part::Collar,
            Part::Roe,
            Part::Cheeks,
            Part::Liver,
            Part::Frill,
            Part::Belly,
            Part::Scrapings => $segment->family === Family::Discard ? WalkStep::Discarded : WalkStep::Otherwise,
            Part::Membrane, Part::DarkMuscle, Part::Trim => WalkStep::Tidy,
            Part::Ends, Part::TailEnd => WalkStep::Ends,
            Part::Portion => WalkStep::Plates,
            Part::Fillets,
            Part::Fillet,
            Part::Side,
            Part::SideA,
            Part::SideB,
            Part::EyedSide,
            Part::BlindSide,
            Part::Loin,
            Part::LoinA,
            Part::LoinB,
            Part::BackLoin,
            Part::BellyLoin,
            Part::Steaks => match (true) {
                ! $portioned => WalkStep::ToPortion,
                $segment->remainder => WalkStep::Process,
                default => WalkStep::LeftOver,
            },
        };
    }
}
