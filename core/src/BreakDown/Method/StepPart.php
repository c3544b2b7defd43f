<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

use Sectum\Fish\Part;

/** A part that leaves the fish at a step, and what it is cut from when that is not the whole. */
final readonly class StepPart
{
    /**
     * @param  string|null  $from  the part it comes off; "fillet" for whichever fillet lies on the board; null for the
     *     fish
     */
    public function __construct(public Part $part, public ?string $from = null)
    {
    }

    /**
     * "head", "back-loin<side-a"
     *
     * @throws BadMethod when it names a part nobody knows
     */
    public static function parse(string $written): self
    {
        [$part, $from] = explode('<', $written, 2) + ['', null];
        if ($from !== null && $from !== 'fillet' && Part::tryFrom($from) === null) {
            throw new BadMethod("\"{$from}\" is not a part known here.", $written, '/parts');
        }

        return new self(
            Part::tryFrom($part) ?? throw new BadMethod("\"{$part}\" is not a part known here.", $written, '/parts'),
            $from,
        );
    }
}
