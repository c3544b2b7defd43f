<?php

declare(strict_types=1);

namespace Sectum\Portion\Serve;

use Sectum\Portion\Cuts\BadCut;

/** How a dish is prepared and served, and what that takes off each portion. */
final readonly class Served
{
    /**
     * @param  list<Prep>  $preps  in order
     * @param  list<Loss>  $losses  in the order they are lost; nothing that takes nothing
     */
    private function __construct(public array $preps, public ServiceClass $class, public array $losses)
    {
    }

    /**
     * @param  list<Prep>  $preps  in the order they are done
     * @param  float|null  $skinPct  the skin's share of a fillet of its kind; null when the catalogue does not know
     *
     * @throws BadCut when something is done twice, or the skin is scored once it is off
     */
    public static function of(array $preps, ServiceClass $class, ?float $skinPct): self
    {
        $done = [];
        $losses = [];
        foreach ($preps as $i => $prep) {
            in_array($prep, $done, true) &&
                throw new BadCut(ucfirst($prep->spoken()).' stands there twice.', $prep->value, "/preparations/{$i}");
            ($prep === Prep::Score && in_array(Prep::SkinOff, $done, true)) &&
                throw new BadCut(
                    'A skin is scored before it is off, or not at all.',
                    $prep->value,
                    "/preparations/{$i}",
                );
            $done[] = $prep;
            $losses[] = new Loss($prep->value, $prep->startingLossPct($skinPct));
        }
        $losses[] = new Loss($class->value, $class->startingLossPct());

        return new self(
            $preps,
            $class,
            array_values(array_filter($losses, fn (Loss $loss): bool => $loss->pct > 0)),
        );
    }
}
