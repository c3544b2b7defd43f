<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Reading;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use Sectum\Measure\Mass;
use Sectum\Portion\CutFromFillet;
use Sectum\Portion\Shape\MeasuredCut;

/** A piece that was cut off a fillet at a known place, and counts. */
final readonly class Cut
{
    private const TABLES = ['cuts', 'readings', 'reading_voids'];

    private function __construct(
        public Piece $piece,
        public Mass $mass,
        public Mass $step,
        public float $fromCm,
        public float $toCm,
        public float $thinMm,
        public float $thickMm,
        public ?Mass $guess,
        public bool $atMark,
    ) {
    }

    /**
     * @return list<self> of one fillet, from the head end on
     */
    public static function on(Fish $fish, Piece $fillet): array
    {
        return array_values(
            array_filter(self::of($fish), fn (self $cut): bool => $cut->piece->parent_id === $fillet->id),
        );
    }

    /** @return array<string, self> of a fish, by piece, in the order of their places on the fillets */
    public static function of(Fish $fish): array
    {
        $readings = self::readings($fish);
        $cuts = [];
        $rows = Remembered::of("cuts:{$fish->id}", self::TABLES, fn (): array => self::rows(array_keys($readings)));
        foreach ($rows as $row) {
            [$piece, $reading] = $readings[$row->text('reading_id')];
            $weight = fn (string $column): ?Mass => $row->text($column) === ''
                ? null
                : Mass::ofMilligrams((int) $row->number($column));
            $cuts[$piece->id] = new self(
                $piece,
                $reading->mass(),
                $reading->resolution(),
                $row->number('from_cm'),
                $row->number('to_cm'),
                $row->number('thin_mm'),
                $row->number('thick_mm'),
                $weight('guess_mg'),
                $row->text('at_mark') === '1',
            );
        }

        return $cuts;
    }

    /**
     * Asks for the cuts of many fish at once, so that none of them is asked for alone.
     *
     * @param  iterable<Fish>  $all
     */
    public static function ofAll(iterable $all): void
    {
        $fishOf = [];
        $found = [];
        foreach ($all as $fish) {
            $found[$fish->id] = [];
            foreach (array_keys(self::readings($fish)) as $reading) {
                $fishOf[$reading] = $fish->id;
            }
        }
        foreach (self::rows(array_keys($fishOf)) as $row) {
            $found[$fishOf[$row->text('reading_id')]][] = $row;
        }
        foreach ($found as $fish => $rows) {
            Remembered::put("cuts:{$fish}", self::TABLES, $rows);
        }
    }

    /** @return array<string, array{Piece, Reading}> those that count, by reading */
    private static function readings(Fish $fish): array
    {
        $readings = [];
        foreach ($fish->pieces as $piece) {
            $reading = $piece->reading();
            if ($reading !== null) {
                $readings[$reading->id] = [$piece, $reading];
            }
        }

        return $readings;
    }

    /**
     * @param  list<string>  $readings
     * @return list<Row>
     */
    private static function rows(array $readings): array
    {
        return Row::all(CutMade::rows()->whereIn('reading_id', $readings)->orderBy('from_cm')->get());
    }

    /** What a fillet weighed when the first cut by marks was made. */
    public static function laid(Fish $fish, Piece $fillet): Mass
    {
        return CutFromFillet::laid($fillet->reading()?->mass() ?? Mass::zero(), self::off($fish, $fillet));
    }

    /** What has not been cut off a piece yet; below zero when more came off than it weighed. */
    public static function left(Fish $fish, Piece $piece): Mass
    {
        return CutFromFillet::left($piece->reading()?->mass() ?? Mass::zero(), self::off($fish, $piece));
    }

    /** @return list<CutFromFillet> what was cut from a piece */
    private static function off(Fish $fish, Piece $from): array
    {
        $cuts = self::of($fish);
        $off = [];
        foreach ($fish->weighed() as [$piece, $reading]) {
            if ($piece->parent_id === $from->id) {
                $off[] = new CutFromFillet($piece->part, $reading->mass(), isset($cuts[$piece->id]));
            }
        }

        return $off;
    }

    public function measured(): MeasuredCut
    {
        return new MeasuredCut($this->fromCm, $this->toCm, $this->mass->grams(), $this->step->grams());
    }
}
