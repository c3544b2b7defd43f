<?php

declare(strict_types=1);

namespace Sectum\Receive\Invoice;

use DateTimeImmutable;

/** An invoice or despatch advice as it was read. */
final readonly class Invoice
{
    /** Said of a line without one; a price list has none. */
    public const NO_QUANTITY = 'It has neither a weight nor a count.';

    /**
     * @param  list<Row>  $rows
     * @param  list<string>  $faults  of the invoice as a whole
     */
    private function __construct(
        public ?string $supplier,
        public ?string $number,
        public ?DateTimeImmutable $date,
        public ?string $currency,
        public array $rows,
        public array $faults,
    ) {
    }

    /**
     * Marks lines that repeat another, and lines without a quantity.
     *
     * @param  list<Row>  $rows
     * @param  list<string>  $faults
     */
    public static function of(
        ?string $supplier,
        ?string $number,
        ?DateTimeImmutable $date,
        ?string $currency,
        array $rows,
        array $faults = [],
    ): self {
        $seen = [];
        $marked = [];
        foreach ($rows as $row) {
            $more = [];
            $same = $row->faults === [] ? $seen[$row->fingerprint()] ?? null : null;
            if ($same !== null) {
                $more[] = "This is line {$same} over again.";
            }
            if ($row->faults === []) {
                $seen[$row->fingerprint()] ??= $row->place;
            }
            if ($row->name === '') {
                $more[] = 'It does not say what it is.';
            }
            if ($row->mass === null && $row->count === null && $row->faults === []) {
                $more[] = self::NO_QUANTITY;
            }
            $marked[] = $row->withFaults($more);
        }

        return new self(
            $supplier,
            $number,
            $date,
            $currency,
            $marked,
            $rows === [] && $faults === [] ? ['There is no line on it.'] : $faults,
        );
    }

    public function isClean(): bool
    {
        return $this->faults === [] && array_filter($this->rows, fn (Row $row): bool => $row->faults !== []) === [];
    }
}
