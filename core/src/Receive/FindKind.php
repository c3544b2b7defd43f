<?php

declare(strict_types=1);

namespace Sectum\Receive;

/** What else turns up in a fish. */
enum FindKind: string
{
    case Worms = 'worms';
    case Bruise = 'bruise';
    case Gall = 'gall';
    case Soft = 'soft';
    case Roe = 'roe';
    case Milt = 'milt';
    case Stomach = 'stomach';

    public function spoken(): string
    {
        return match ($this) {
            self::Worms => 'Worms',
            self::Bruise => 'Bruise',
            self::Gall => 'Gall stain',
            self::Soft => 'Soft flesh',
            self::Roe => 'Roe',
            self::Milt => 'Milt',
            self::Stomach => 'Full stomach',
        };
    }

    /** Whether the supplier is to hear of it unless somebody says otherwise. */
    public function isSuppliersFault(): bool
    {
        return match ($this) {
            self::Worms, self::Bruise, self::Soft, self::Stomach => true,
            self::Gall, self::Roe, self::Milt => false,
        };
    }
}
