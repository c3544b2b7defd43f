<?php

declare(strict_types=1);

namespace Sectum\Hold\Pack;

use DateTimeImmutable;
use Sectum\Fish\FatClass;
use Sectum\Hold\BadHold;
use Sectum\Hold\Freezing\FrozenLife;

/**
 * The date on a pack. Without air it is never a chilled one: raw fish is frozen before, during and after packing, and
 * labelled to stay frozen (FDA Food Code 3-502.12).
 */
final readonly class PackDate
{
    private function __construct(public DateTimeImmutable $day, public bool $frozen)
    {
    }

    /**
     * @param  bool  $frozen  whether it is frozen as it is packed
     * @param  DateTimeImmutable  $lot  until when what is packed may be served chilled
     *
     * @throws BadHold when a chilled date is asked for on a pack without air
     */
    public static function of(
        PackKind $kind,
        bool $frozen,
        FatClass $fat,
        DateTimeImmutable $packed,
        DateTimeImmutable $lot,
    ): self {
        ! $kind->isWithoutAir() ||
            $frozen ||
            throw new BadHold(
                'Raw fish packed without air is frozen before, during and after packing (FDA Food Code 3-502.12): '.
                    'freeze it first. No chilled date is printed on such a pack.',
                $kind->value,
                '/how',
            );

        return $frozen
            ? new self(FrozenLife::bestBefore($fat, $packed), true)
            : new self($lot->setTime(0, 0), false);
    }
}
