<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Fish\Part;
use Sectum\Fish\Share;
use Sectum\Measure\Mass;

/** What a fish nobody has cut yet should give: its parts by their usual shares, in board order. */
final readonly class UncutFish
{
    /** @param  array<string, Mass>  $parts  by part, in board order */
    private function __construct(public array $parts)
    {
    }

    /**
     * @param  array<string, Share>  $shares  of the fish as it was bought, by part
     * @param  list<Part>  $order  the parts of its body form, in board order
     */
    public static function of(Mass $whole, array $shares, array $order): self
    {
        $parts = [];
        $left = $whole->milligrams;
        foreach ($order as $part) {
            $share = $shares[$part->value] ?? null;
            if ($share === null || $part->comesOffAFillet()) {
                continue;
            }
            $mass = min($left, (int) round($whole->milligrams * $share->meanPct / 100));
            if ($mass > 0) {
                $parts[$part->value] = Mass::ofMilligrams($mass);
                $left -= $mass;
            }
        }

        return new self($parts);
    }

    /** What of it portions are cut from. */
    public function fillets(): Mass
    {
        return Mass::sum(
            array_filter($this->parts, fn (string $part): bool => Part::from($part)->isFillet(), ARRAY_FILTER_USE_KEY),
        );
    }
}
