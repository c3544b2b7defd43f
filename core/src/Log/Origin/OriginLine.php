<?php

declare(strict_types=1);

namespace Sectum\Log\Origin;

/** Where the fish of a dish comes from, as a guest reads it; fish of the same origin are one line. */
final readonly class OriginLine
{
    /**
     * @param  string  $production  "wild" or "farmed"; empty when nobody said
     * @param  string  $place  catch area or farm
     * @param  string  $how  gear, or how it was farmed
     * @param  string  $by  boat or site, else the supplier
     * @param  string  $day  landed or harvested, ISO 8601; empty when nobody said
     * @param  list<string>  $cut  days it was cut here, ISO 8601
     * @param  list<string>  $hands  who cut it
     */
    public function __construct(
        public string $species,
        public string $scientific,
        public string $production,
        public string $place,
        public string $how,
        public string $by,
        public string $day,
        public array $cut,
        public array $hands,
    ) {
    }

    /**
     * @param  list<self>  $lines
     * @return list<self> those of one origin together, in the order they came
     */
    public static function together(array $lines): array
    {
        $together = [];
        foreach ($lines as $line) {
            $same = json_encode([
                $line->species,
                $line->production,
                $line->place,
                $line->how,
                $line->by,
                $line->day,
            ], JSON_THROW_ON_ERROR);
            $known = $together[$same] ?? null;
            $together[$same] = $known === null ? $line : $known->and($line);
        }

        return array_values($together);
    }

    private function and(self $other): self
    {
        return new self(
            $this->species,
            $this->scientific,
            $this->production,
            $this->place,
            $this->how,
            $this->by,
            $this->day,
            array_values(array_unique([...$this->cut, ...$other->cut])),
            array_values(array_unique([...$this->hands, ...$other->hands])),
        );
    }
}
