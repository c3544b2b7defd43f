<?php

declare(strict_types=1);

namespace App\Log\Effects;

use App\Catalogue\Methods;
use App\Log\Find\KnownNames;
use App\Log\Ledger\OldYieldRow;
use DateTimeImmutable;
use Sectum\Log\Find\Named;

/** What factors and their levels are called. */
final readonly class LevelNames
{
    public function __construct(private KnownNames $known)
    {
    }

    /** What a question is about: "Ribs"; null for a factor that is no question. */
    public static function question(string $factor): ?string
    {
        if (! str_starts_with($factor, 'answer:')) {
            return null;
        }
        $question = substr($factor, 7);
        foreach (Methods::answers() as $code => $said) {
            if (str_starts_with($code, "{$question}:")) {
                return (string) strstr($said, ':', true);
            }
        }

        return $question;
    }

    public function of(string $factor, string $level): string
    {
        if (str_starts_with($level, OldYieldRow::OLD)) {
            return substr($level, strlen(OldYieldRow::OLD));
        }

        return match ($factor) {
            'cutter' => $this->known->of(Named::Cutter)[$level] ?? $level,
            'supplier' => $this->known->of(Named::Supplier)[$level] ?? $level,
            'method' => $this->known->of(Named::Method)[$level] ?? $level,
            'season' => (new DateTimeImmutable('2026-'.substr($level, 1).'-01'))->format('F'),
            'fat' => $level,
            default => self::option($factor, $level),
        };
    }

    private static function option(string $factor, string $level): string
    {
        $said = Methods::answers()[substr($factor, 7).":{$level}"] ?? $level;

        return trim((string) preg_replace('/^[^:]*:/', '', $said));
    }
}
