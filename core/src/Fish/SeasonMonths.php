<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** How a fish is over some months of the year. */
final readonly class SeasonMonths
{
    /**
     * @param  string  $area  catch area it is so in; empty for everywhere
     * @param  int  $from  first month, 1 to 12
     * @param  int  $to  last month, 1 to 12; before the first when it runs over the new year
     * @param  FatGrade|null  $fat  how fat it usually is
     * @param  float  $yieldPoints  of fillets, against the whole year
     * @param  bool  $roe  whether roe is found in it
     */
    public function __construct(
        public string $area,
        public int $from,
        public int $to,
        public ?FatGrade $fat,
        public float $yieldPoints,
        public bool $roe,
        public SeasonSupply $supply,
        public string $why,
        public string $source,
    ) {
    }

    public function holds(int $month): bool
    {
        return $this->from <= $this->to
            ? $month >= $this->from && $month <= $this->to
            : $month >= $this->from || $month <= $this->to;
    }

    /** Months it lasts. */
    public function months(): int
    {
        return (($this->to - $this->from + 12) % 12) + 1;
    }
}
