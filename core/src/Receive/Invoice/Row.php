<?php

declare(strict_types=1);

namespace Sectum\Receive\Invoice;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use Sectum\Measure\Mass;
use Sectum\Receive\PriceUnit;

/** One line of an invoice as it was read, with what is wrong with it. */
final readonly class Row
{
    /**
     * @param  int  $place  line of the file, or the line's number on the invoice
     * @param  string  $name  what the supplier calls it
     * @param  BigDecimal|null  $price  for one unit, in major units
     * @param  BigDecimal|null  $net  what the line comes to before tax, in major units
     * @param  array<string, string>  $trace  lot, area, gear, vessel, production, grade: what was given
     * @param  list<string>  $faults
     */
    public function __construct(
        public int $place,
        public string $name,
        public ?Mass $mass,
        public ?int $count,
        public ?int $boxes,
        public ?BigDecimal $price,
        public PriceUnit $unit,
        public ?BigDecimal $net,
        public ?BigDecimal $taxPct,
        public ?DateTimeImmutable $landed,
        public array $trace,
        public array $faults,
    ) {
    }

    /** @param  list<string>  $more */
    public function withFaults(array $more): self
    {
        return new self(
            $this->place,
            $this->name,
            $this->mass,
            $this->count,
            $this->boxes,
            $this->price,
            $this->unit,
            $this->net,
            $this->taxPct,
            $this->landed,
            $this->trace,
            [...$this->faults, ...$more],
        );
    }

    /** What makes two lines the same line twice. */
    public function fingerprint(): string
    {
        return implode('|', [
            mb_strtolower($this->name),
            $this->mass->milligrams ?? '',
            $this->count ?? '',
            (string) $this->price,
            implode('|', $this->trace),
        ]);
    }
}
