<?php

declare(strict_types=1);

namespace Sectum\Cost;

/** How the house ends its prices: "50" makes 23.17 into 23.50, and 2317 of a currency without minor units into 2350. */
final readonly class HouseEnding
{
    private function __construct(private int $ending, private int $every)
    {
    }

    /**
     * @param  string  $digits  the last digits of a price, one to four of them
     *
     * @throws BadWhatIf when it is not digits
     */
    public static function of(string $digits): self
    {
        preg_match('/^\d{1,4}$/', $digits) === 1 ||
            throw new BadWhatIf('A price ends on one to four digits, like 50.', $digits, '/price_ending');

        return new self((int) $digits, 10 ** strlen($digits));
    }

    /** The first price with this ending that is not below the amount. */
    public function up(int $minor): int
    {
        $price = intdiv($minor, $this->every) * $this->every + $this->ending;

        return $price >= $minor ? $price : $price + $this->every;
    }
}
