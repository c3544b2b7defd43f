<?php

declare(strict_types=1);

namespace App\Hold\Labels;

/** What a label of a pack, a treatment, a batch or a tub says; its square leads back to the thing. */
final readonly class HouseLabel
{
    /**
     * @param  list<string>  $lots
     * @param  string  $until  with what kind of date it is
     * @param  string  $state  how it lies there and how it is kept
     */
    public function __construct(
        public LabelKind $kind,
        public string $id,
        public string $name,
        public string $what,
        public array $lots,
        public string $made,
        public string $until,
        public string $contains,
        public string $state,
        public string $to,
    ) {
    }

    /** What its square carries: read by this house alone. */
    public function code(): string
    {
        return "sectum:{$this->kind->value}:{$this->id}";
    }
}
