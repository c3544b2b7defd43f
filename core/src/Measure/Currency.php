<?php

declare(strict_types=1);

namespace Sectum\Measure;

/** A currency by its ISO 4217 code, with the number of decimals of its minor unit (0, 2 or 3). */
final readonly class Currency
{
    private const WITHOUT_MINOR_UNIT = ['CLP', 'ISK', 'JPY', 'KRW', 'PYG', 'UGX', 'VND', 'XAF', 'XOF', 'XPF'];

    private const WITH_THOUSANDTHS = ['BHD', 'IQD', 'JOD', 'KWD', 'LYD', 'OMR', 'TND'];

    private function __construct(public string $code, public int $decimals)
    {
    }

    /** @throws UnreadableMoney when the code is not three capital letters */
    public static function of(string $code): self
    {
        if (preg_match('/^[A-Z]{3}$/', $code) !== 1) {
            throw new UnreadableMoney("\"{$code}\" is not a currency: use its three letters, like EUR.", $code);
        }

        return new self(
            $code,
            match (true) {
                in_array($code, self::WITHOUT_MINOR_UNIT, true) => 0,
                in_array($code, self::WITH_THOUSANDTHS, true) => 3,
                default => 2,
            },
        );
    }

    /** What stands in front of an amount. */
    public function sign(): string
    {
        return match ($this->code) {
            'EUR' => '€',
            'GBP' => '£',
            'USD' => '$',
            default => $this->code.' ',
        };
    }
}
