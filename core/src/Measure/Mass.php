<?php

declare(strict_types=1);

namespace Sectum\Measure;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Sectum\Math\LargestRemainder;

/**
 * A mass, or a difference of masses, as a whole number of milligrams.
 *
 * Sums and differences are exact. A reading is always above zero; a difference may be below it.
 */
final readonly class Mass
{
    /** No kitchen weighs more than two tonnes at once: 2 000 kg. */
    public const MOST_MILLIGRAMS = 2_000_000_000;

    private function __construct(public int $milligrams)
    {
    }

    public static function ofMilligrams(int $milligrams): self
    {
        return new self($milligrams);
    }

    /** A figure that was computed, in grams, rounded half up to the milligram. */
    public static function ofGrams(int|float $grams): self
    {
        return new self((int) round($grams * 1000));
    }

    public static function zero(): self
    {
        return new self(0);
    }

    /**
     * Reads a weight as a cook types it: "1515 g", "1.515 kg", "1.515", "53.4 oz", "3 lb 5 oz".
     *
     * @throws UnreadableMass when it is not a number and a unit, or uses a comma
     * @throws MassOutOfRange when it is zero, negative or above two tonnes
     */
    public static function parse(string $text, UnitSystem $system = UnitSystem::Metric): self
    {
        $typed = trim(preg_replace('/\s+/u', ' ', strtolower($text)) ?? '');
        if (str_contains($typed, ',')) {
            throw new UnreadableMass("Write \"{$text}\" with a point instead of the comma: 1.515 kg.", $text);
        }
        if (preg_match('/^[-−]\s*\d/u', $typed) === 1) {
            throw new MassOutOfRange('A weight cannot be below zero.', $text);
        }
        $example = $system === UnitSystem::Metric ? '1515 g or 1.515 kg' : '3 lb 5 oz or 53.4 oz';
        if (preg_match('/^(\d{1,9}) ?lbs? ?(\d{1,9}(?:\.\d{1,9})?) ?oz$/', $typed, $m) === 1) {
            $grams = BigDecimal::of($m[1])
                ->multipliedBy(MassUnit::Pound->grams())
                ->plus(BigDecimal::of($m[2])->multipliedBy(MassUnit::Ounce->grams()));
        } elseif (preg_match('/^(\d{1,9}(?:\.\d{1,9})?|\.\d{1,9}) ?([a-z]*)$/', $typed, $m) === 1) {
            $unit = match ($m[2]) {
                '' => $system->meantBy($m[1]),
                'g', 'gr', 'gram', 'grams' => MassUnit::Gram,
                'kg', 'kilo', 'kilos' => MassUnit::Kilogram,
                'oz' => MassUnit::Ounce,
                'lb', 'lbs' => MassUnit::Pound,
                default => throw new UnreadableMass(
                    "\"{$m[2]}\" is not a unit of weight here: use g, kg, oz or lb.",
                    $text,
                ),
            };
            $grams = BigDecimal::of($m[1])->multipliedBy($unit->grams());
        } else {
            throw new UnreadableMass(
                $typed === ''
                    ? "Type a weight, like {$example}."
                    : "\"{$text}\" is not a weight. Write it like {$example}.",
                $text,
            );
        }
        $milligrams = $grams->multipliedBy(1000)->toScale(0, RoundingMode::HALF_UP);
        if ($milligrams->isZero()) {
            throw new MassOutOfRange('That is nothing: a weight is more than zero.', $text);
        }
        if ($milligrams->isGreaterThan(self::MOST_MILLIGRAMS)) {
            throw new MassOutOfRange("\"{$text}\" is more than two tonnes. Check the unit.", $text);
        }

        return new self($milligrams->toInt());
    }

    /**
     * @param  iterable<self|null>  $masses  null where nothing was weighed
     */
    public static function sum(iterable $masses): self
    {
        $milligrams = 0;
        foreach ($masses as $mass) {
            $milligrams += $mass->milligrams ?? 0;
        }

        return new self($milligrams);
    }

    /**
     * Shared out evenly, to the milligram: the parts add up to the whole.
     *
     * @param  int  $parts  1 or more
     * @return list<self>
     */
    public function shared(int $parts): array
    {
        return array_map(
            self::ofMilligrams(...),
            LargestRemainder::split($this->milligrams, array_fill(0, max(1, $parts), 1)),
        );
    }

    public function plus(self $other): self
    {
        return new self($this->milligrams + $other->milligrams);
    }

    public function minus(self $other): self
    {
        return new self($this->milligrams - $other->milligrams);
    }

    public function abs(): self
    {
        return new self(abs($this->milligrams));
    }

    public function isPositive(): bool
    {
        return $this->milligrams > 0;
    }

    public function isNegative(): bool
    {
        return $this->milligrams < 0;
    }

    /** In grams, for computations that estimate rather than add up. */
    public function grams(): float
    {
        return $this->milligrams / 1000;
    }

    /**
     * Printed with its unit and no more digits than a scale of this resolution gives: "4210 g", "9 lb 4.5 oz".
     *
     * @param  self|null  $resolution  the scale's step; one gram when not given
     */
    public function print(MassUnit $unit = MassUnit::Gram, ?self $resolution = null): string
    {
        return $this->written($unit, self::decimals($unit, max(1, $resolution->milligrams ?? 1000)));
    }

    /** Decimals of a unit that a scale of this step, in milligrams, can tell apart; worked out once for each. */
    private static function decimals(MassUnit $unit, int $milligrams): int
    {
        /** @var array<string, int> $known */
        static $known = [];

        return $known["{$unit->value} {$milligrams}"] ??= (function () use ($unit, $milligrams): int {
            $step = BigDecimal::ofUnscaledValue($milligrams, 3)->dividedBy(
                $unit === MassUnit::PoundOunce ? MassUnit::Ounce->grams() : $unit->grams(),
                12,
                RoundingMode::DOWN,
            );
            $decimals = 0;
            while ($decimals < $unit->exactDecimals() && $step->isLessThan(1)) {
                $step = $step->multipliedBy(10);
                $decimals++;
            }

            return $decimals;
        })();
    }

    /** Printed so that reading it again gives this very mass. */
    public function exact(MassUnit $unit): string
    {
        return $this->written($unit, $unit->exactDecimals());
    }

    /** The same with no zeros behind that say nothing, as somebody would have typed it: "12.3 kg". */
    public function brief(MassUnit $unit): string
    {
        return (string) preg_replace(['/(\.\d*?)0+(?= \w+$)/', '/\.(?= \w+$)/'], ['$1', ''], $this->exact($unit));
    }

    private function written(MassUnit $unit, int $decimals): string
    {
        $sign = $this->milligrams < 0 ? '−' : '';
        $whole = $unit->milligrams();
        if ($whole !== null) {
            // So many milligrams to the last digit that is printed: whole numbers will do.
            $last = intdiv($whole, 10 ** $decimals);
            $digits = (string) intdiv(2 * abs($this->milligrams) + $last, 2 * $last);
            $digits = str_pad($digits, $decimals + 1, '0', STR_PAD_LEFT);
            $point = $decimals === 0 ? '' : '.'.substr($digits, -$decimals);

            return $sign.substr($digits, 0, strlen($digits) - $decimals).$point." {$unit->value}";
        }
        $grams = BigDecimal::ofUnscaledValue(abs($this->milligrams), 3);
        if ($unit !== MassUnit::PoundOunce) {
            return $sign.$grams->dividedBy($unit->grams(), $decimals, RoundingMode::HALF_UP).' '.$unit->value;
        }
        $ounces = $grams->dividedBy(MassUnit::Ounce->grams(), $decimals, RoundingMode::HALF_UP);
        [$pounds, $rest] = $ounces->quotientAndRemainder(16);

        return $sign.($pounds->isZero() ? '' : "{$pounds} lb ").$rest->toScale($decimals).' oz';
    }
}
