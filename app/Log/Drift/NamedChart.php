<?php

declare(strict_types=1);

namespace App\Log\Drift;

use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use DateTimeImmutable;
use Sectum\Log\Drift\Chart;

/** A chart with what it is of, and the fish it stands on. */
final readonly class NamedChart
{
    /**
     * @param  string  $of  cutter, species, supplier or scale
     * @param  string  $level  id; empty for the scale
     * @param  list<Row>  $fish  in order
     */
    public function __construct(
        public string $of,
        public string $level,
        public string $name,
        public Chart $chart,
        private array $fish,
    ) {
    }

    /** The day since which something is different; null while nothing has changed. */
    public function since(): ?DateTimeImmutable
    {
        return $this->chart->signals()
            ? Moment::at($this->fish[$this->chart->before + $this->chart->since()]->text('cut_on'))
            : null;
    }

    /** @return Answer */
    public function shown(): array
    {
        $since = $this->since();

        return [
            'of' => $this->of,
            'level' => $this->level,
            'name' => $this->name,
            'before' => $this->chart->before,
            'points' => array_map(fn (Row $row, float $z, float $mean, float $limit): array => [
                'fish' => $row->text('fish_id'),
                'number' => (int) $row->number('number'),
                'day' => Moment::at($row->text('cut_on'))->format('D j M'),
                'z' => round($z, 2),
                'mean' => round($mean, 3),
                'limit' => round($limit, 3),
            ], array_slice($this->fish, $this->chart->before, count($this->chart->z)), $this->chart->z, $this->chart
                ->mean->means, $this->chart->mean->limits),
            'signal' => $since === null
                ? null
                : [
                    'up' => $this->chart->isUp(),
                    'since' => $since->format('D j M'),
                    'fish' => count($this->chart->z) - $this->chart->since(),
                    'changed' => WhatChanged::about($since),
                ],
        ];
    }
}
