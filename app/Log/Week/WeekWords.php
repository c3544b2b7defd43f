<?php

declare(strict_types=1);

namespace App\Log\Week;

use App\Kitchen\Format\Words;
use Sectum\Log\Week\Matter;
use Sectum\Log\Week\Sentence;

/** The sentences of a week, for paper: what is, what it is worth, what to try. */
final readonly class WeekWords
{
    /** @return array{string, string} what is, and what to try */
    public static function of(Sentence $one): array
    {
        $values = ['worth' => $one->worth->rounded()];
        foreach ($one->values as $name => $value) {
            $values[$name] = (string) $value;
        }
        $key = match ($one->matter) {
            Matter::Step => 'step.'.($values['step'] ?? ''),
            Matter::Drift => 'drift.'.($values['of'] ?? '').(($values['up'] ?? '') === '1' ? '-up' : '-down'),
            Matter::Best => 'best.'.self::factor($values['factor'] ?? ''),
            Matter::Short => 'short',
            Matter::ThrownAway => 'thrown-away',
        };

        return [self::filled("log.week.{$key}.what", $values), self::filled("log.week.{$key}.try", $values)];
    }

    /** @param  array<string, string>  $values */
    private static function filled(string $key, array $values): string
    {
        $sentence = isset($values['lines'])
            ? trans_choice($key, (int) $values['lines'], $values)
            : trans($key, $values);

        return is_string($sentence) ? $sentence : Words::named($key);
    }

    private static function factor(string $factor): string
    {
        return in_array($factor, ['cutter', 'supplier', 'method'], true) ? $factor : 'answer';
    }
}
