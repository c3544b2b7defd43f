<?php

declare(strict_types=1);

namespace Sectum\Measure;

use Brick\Math\BigDecimal;
use Brick\Math\BigNumber;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Sectum\Math\LargestRemainder;
use Sectum\Math\UnsplittableTotal;

/** An amount of money as a whole number of minor units of its currency. Sums are exact. */
final readonly class Money
{
    /** A thousand million minor units: beyond any fish. */
    private const MOST = 1_000_000_000;

    private function __construct(public int $minor, public Currency $currency)
    {
    }

    public static function ofMinor(int $minor, Currency $currency): self
    {
        return new self($minor, $currency);
    }

    /** An exact amount of minor units, rounded half up (away from zero) once. */
    public static function round(BigNumber $minor, Currency $currency): self
    {
        return new self(self::toMinor($minor), $currency);
    }

    /** Rounds an exact number of minor units half up, the one rounding money ever gets. */
    public static function toMinor(BigNumber $minor): int
    {
        return $minor->toScale(0, RoundingMode::HALF_UP)->toInt();
    }

    public static function zero(Currency $currency): self
    {
        return new self(0, $currency);
    }

    public function plus(self $other): self
    {
        return new self($this->minor + $other->minor, $this->currency);
    }

    public function minus(self $other): self
    {
        return new self($this->minor - $other->minor, $this->currency);
    }

    /** So many of it. */
    public function times(int $count): self
    {
        return new self($this->minor * $count, $this->currency);
    }

    /** The exact product with a number, rounded half up once. */
    public function multipliedBy(BigNumber|int $by): self
    {
        return self::round(BigRational::of($this->minor)->multipliedBy($by), $this->currency);
    }

    /**
     * Its parts by weight; they add up to it.
     *
     * @param  list<BigNumber|int>  $weights  none negative, not all zero
     * @return list<self> in the order of the weights
     *
     * @throws UnsplittableTotal
     */
    public function split(array $weights): array
    {
        return array_map(
            fn (int $minor): self => new self($minor, $this->currency),
            LargestRemainder::split($this->minor, $weights),
        );
    }

    /**
     * Exact; nothing of the currency when there are none.
     *
     * @param  list<self>  $amounts
     */
    public static function sum(array $amounts, Currency $currency): self
    {
        return new self(array_sum(array_map(fn (self $one): int => $one->minor, $amounts)), $currency);
    }

    /** Itself, or nothing when it is below nothing. */
    public function orNothing(): self
    {
        return new self(max(0, $this->minor), $this->currency);
    }

    /** What of it a kilo of so much is; the mass is above zero. */
    public function per(Mass $mass): PricePerKg
    {
        return PricePerKg::of(
            self::round(BigRational::nd($this->minor, $mass->milligrams)->multipliedBy(1_000_000), $this->currency),
        );
    }

    /**
     * Reads an amount as typed: "13.90", "€13.90", "13.9".
     *
     * @throws UnreadableMoney when it is not an amount, is negative, or has more decimals than the currency
     */
    public static function parse(string $text, Currency $currency): self
    {
        $typed = trim(str_replace([$currency->sign(), $currency->code], '', $text));
        if (str_contains($typed, ',')) {
            throw new UnreadableMoney("Write \"{$text}\" with a point instead of the comma: 13.90.", $text);
        }
        if (preg_match('/^\d{1,9}(?:\.(\d*))?$/', $typed, $m) !== 1) {
            throw new UnreadableMoney(
                "\"{$text}\" is not an amount. Write it like ".
                    self::ofMinor(10 ** $currency->decimals * 13, $currency)->plain().
                    '.',
                $text,
            );
        }
        if (strlen($m[1] ?? '') > $currency->decimals) {
            throw new UnreadableMoney(
                "{$currency->code} has {$currency->decimals} decimals, \"{$text}\" has more.",
                $text,
            );
        }
        $minor = BigDecimal::of(rtrim($typed, '.'))
            ->multipliedBy(10 ** $currency->decimals)
            ->toInt();
        if ($minor > self::MOST) {
            throw new UnreadableMoney("\"{$text}\" is more than a fish can cost.", $text);
        }

        return new self($minor, $currency);
    }

    /** "€13.90" */
    public function print(): string
    {
        return ($this->minor < 0 ? '−' : '').$this->currency->sign().$this->plain();
    }

    /** To two figures, for what nobody knows to the cent: "€1,900", "−€40", "€3". */
    public function rounded(): string
    {
        $major = abs($this->minor) / 10 ** $this->currency->decimals;
        $digits = $major < 10 ? 0 : 1 - (int) floor(log10($major));

        $rounded = round($major, $digits);
        // Nothing is neither lost nor won.
        $minus = $this->minor < 0 && $rounded > 0;

        return ($minus ? '−' : '').$this->currency->sign().number_format($rounded);
    }

    public function plain(): string
    {
        return (string) BigDecimal::ofUnscaledValue(abs($this->minor), $this->currency->decimals);
    }
}
