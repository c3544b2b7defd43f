<?php

declare(strict_types=1);

namespace Sectum\Receive;

/** Something the house does not buy: a kind, from an area, by a gear, from a supplier, or any of these together. */
final readonly class SourcingRule
{
    /**
     * @param  string|null  $species  id; null for any
     * @param  string  $area  catch area or farm, or the beginning of one ("27.7" is also 27.7.a); empty for any
     * @param  string  $gear  gear or method; empty for any
     * @param  string|null  $supplier  id; null for any
     * @param  string  $reason  as the house gives it
     *
     * @throws BadSourcing when it names nothing, or gives no reason
     */
    public function __construct(
        public ?string $species,
        public string $area,
        public string $gear,
        public ?string $supplier,
        public string $reason,
    ) {
        if ($species === null && $area === '' && $gear === '' && $supplier === null) {
            throw new BadSourcing('Say what is not bought: a species, an area, a gear or a supplier.', '', '/species');
        }
        if (trim($reason) === '') {
            throw new BadSourcing('Give the reason.', $reason, '/reason');
        }
    }

    /** Whether it is about something that is offered; what the paper does not say is not held against it. */
    public function meets(string $species, ?string $area, ?string $gear, string $supplier): bool
    {
        return ($this->species === null || $this->species === $species) &&
            ($this->supplier === null || $this->supplier === $supplier) &&
            ($this->area === '' || self::isWithin(self::plain($area ?? ''), self::plain($this->area))) &&
            ($this->gear === '' || str_contains(self::plain($gear ?? ''), self::plain($this->gear)));
    }

    private static function isWithin(string $area, string $of): bool
    {
        return $area === $of || str_starts_with($area, "{$of}.") || str_starts_with($area, "{$of} ");
    }

    private static function plain(string $text): string
    {
        return mb_strtolower(trim($text));
    }
}
