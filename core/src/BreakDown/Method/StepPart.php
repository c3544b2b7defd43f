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
     * @param  Condition  $when  under which answers it comes off here
     */
    private function __construct(public Part $part, public ?string $from, public Condition $when)
    {
    }

    /** @return list<string> what stands in a step, part by part */
    public static function listed(string $written): array
    {
        return array_values(array_filter(explode(' ', $written), fn (string $part): bool => $part !== ''));
    }

    /**
     * "head", "back-loin<side-a", "collar?collar:with-head"
     *
     * @throws BadMethod when it names a part nobody knows
     */
    public static function parse(string $written): self
    {
        [$what, $when] = explode('?', $written, 2) + ['', ''];
        [$part, $from] = explode('<', $what, 2) + ['', null];
        if ($from !== null && $from !== 'fillet' && Part::tryFrom($from) === null) {
            throw new BadMethod("\"{$from}\" is not a part known here.", $written, '/parts');
        }

        return new self(
            Part::tryFrom($part) ?? throw new BadMethod("\"{$part}\" is not a part known here.", $written, '/parts'),
            $from,
            Condition::parse($when),
        );
    }
}
