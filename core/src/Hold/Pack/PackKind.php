<?php

declare(strict_types=1);

namespace Sectum\Hold\Pack;

/** How fish is packed to be held. */
enum PackKind: string
{
    case WrappedTwice = 'twice';
    /** Without air: raw fish in it grows Clostridium botulinum in the cold (FDA Food Code 3-502.12). */
    case Vacuum = 'vacuum';
    case Covered = 'covered';
    /** On an absorbent cloth, which is changed when it is due. */
    case OnCloth = 'cloth';

    public function isWithoutAir(): bool
    {
        return match ($this) {
            self::Vacuum => true,
            self::WrappedTwice, self::Covered, self::OnCloth => false,
        };
    }

    /** Hours after which its cloth is changed, an estimate; null where there is none. */
    public function clothHours(): ?int
    {
        return match ($this) {
            self::OnCloth => 24,
            self::WrappedTwice, self::Vacuum, self::Covered => null,
        };
    }
}
