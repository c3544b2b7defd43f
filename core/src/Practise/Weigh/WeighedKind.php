<?php

declare(strict_types=1);

namespace Sectum\Practise\Weigh;

use Sectum\Fish\BodyForm;

/** What an eye weighs. */
enum WeighedKind: string
{
    case Portion = 'portion';
    case Loin = 'loin';
    case Side = 'side';
    case Whole = 'whole';

    /** Grams of the lightest that is shown. */
    public function lightest(): float
    {
        return match ($this) {
            self::Portion => 60.0,
            self::Loin => 250.0,
            self::Side => 300.0,
            self::Whole => 400.0,
        };
    }

    /** Grams of the heaviest. */
    public function heaviest(): float
    {
        return match ($this) {
            self::Portion => 260.0,
            self::Loin => 1200.0,
            self::Side => 1900.0,
            self::Whole => 4500.0,
        };
    }

    /** @return non-empty-list<string> shapes it comes in: of the shape tables, or body forms of a whole fish */
    public function shapes(): array
    {
        return match ($this) {
            self::Portion => ['long-side', 'short-side', 'loin', 'flat-quarter', 'tapered-tail'],
            self::Loin => ['loin', 'tapered-tail', 'flat-quarter'],
            self::Side => ['long-side', 'short-side'],
            self::Whole => array_column(BodyForm::cases(), 'value'),
        };
    }
}
