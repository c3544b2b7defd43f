<?php

declare(strict_types=1);

namespace App\Devices;

use App\Kitchen\Person;

/** A printer that takes labels as a PDF. */
interface LabelPrinter
{
    /** Whether a job was printed already. */
    public function has(string $job): bool;

    /**
     * @param  string  $job  a ULID made by the page, so that asking twice is printing once
     * @param  string|null  $batch  the tray of portions it is of; null for another thing
     * @param  int  $labels  pages in it
     * @param  string  $pdf  the file's bytes
     *
     * @throws DeviceAway when it does not answer
     */
    public function print(string $job, ?string $batch, string $title, int $labels, string $pdf, Person $by): void;
}
