<?php

declare(strict_types=1);

namespace App\Log\Ledger;

use Sectum\Math\StudentMixture;

/** What is known of a figure as it is drawn: where it likely lies, and between what it lies nine times in ten. */
final readonly class Stroke
{
    public const LOW = 0.05;

    public const HIGH = 0.95;

    /** @return array{pct: float, low: float, high: float} */
    public static function of(StudentMixture $of, int $digits = 1): array
    {
        return [
            'pct' => round($of->mean, $digits) + 0.0,
            'low' => round($of->quantile(self::LOW), $digits) + 0.0,
            'high' => round($of->quantile(self::HIGH), $digits) + 0.0,
        ];
    }
}
