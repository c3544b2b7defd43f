<?php

declare(strict_types=1);

namespace App\Portion;

use App\Devices\LabelPrinter;
use App\Kitchen\Person;
use App\Receive\Fish;

/** Sends the labels of a tray to the printer. The same print asked for twice is printed once. */
final readonly class PrintLabels
{
    public function __construct(private LabelPrinter $printer)
    {
    }

    public function __invoke(Batch $batch, string $print, string $for, Person $person): void
    {
        if ($this->printer->has($print)) {
            return;
        }
        $fish = Fish::forTheBench()->with('line')->whereKey($batch->pieces->pluck('fish_id')->unique()->all())->orderBy('number')->get();
        $labels = new BatchLabels($batch, array_values($fish->all()));
        $sheet = $for === 'tray' ? [$labels->tray()] : $labels->each();
        $this->printer->print($print, $batch->id, "{$batch->dish->name}, tray {$batch->number}".($for === 'tray' ? '' : ', each portion'), count($sheet), LabelPdf::of($sheet), $person);
    }
}
