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

    // What is tidied off a fillet, by why it had to go.
    case Lining = 'lining';
    case FinStubs = 'fin-stubs';
    case Sinew = 'sinew';
    case Membrane = 'membrane';
    case Fat = 'fat';
    /** The edge the boat's gutting knife discoloured. */
    case BoatCut = 'boat-cut';

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
            self::Lining => 'Lining',
            self::FinStubs => 'Fin stubs',
            self::Sinew => 'Sinew',
            self::Membrane => 'Silver or black skin',
            self::Fat => 'Fat',
            self::BoatCut => 'Edge cut at sea',
        };
    }

    /** Whether the supplier is to hear of it unless somebody says otherwise. */
    public function isSuppliersFault(): bool
    {
        return match ($this) {
            self::Worms, self::Bruise, self::Soft, self::Stomach, self::BoatCut => true,
            self::Gall,
            self::Roe,
            self::Milt,
            self::Lining,
            self::FinStubs,
            self::Sinew,
            self::Membrane,
            self::Fat => false,
        };
    }

    /** Whether it is tidied off a fillet, so that it weighs no more than the fillets do. */
    public function isTidied(): bool
    {
        return match ($this) {
            self::Lining, self::FinStubs, self::Sinew, self::Membrane, self::Fat, self::BoatCut => true,
            self::Worms,
            self::Bruise,
            self::Gall,
            self::Soft,
            self::Roe,
            self::Milt,
            self::Stomach => false,
        };
    }
}
