<?php

declare(strict_types=1);

namespace App\Devices;

use App\Kitchen\Moment;
use App\Kitchen\Person;
use Psr\Clock\ClockInterface;

/** The stand-in for a label printer: keeps everything it was given, to be looked at or saved. */
final readonly class KeepingPrinter implements LabelPrinter
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function has(string $job): bool
    {
        return Printed::query()->whereKey($job)->exists();
    }

    public function print(string $job, ?string $batch, string $title, int $labels, string $pdf, Person $by): void
    {
        Printed::query()->create([
            'id' => $job,
            'batch_id' => $batch,
            'title' => $title,
            'labels' => $labels,
            'pdf' => $pdf,
            'printed_by' => $by->id,
            'printed_at' => Moment::written($this->clock->now()),
        ]);
    }
}
