<?php

declare(strict_types=1);

namespace App\Portion\Tray;

use App\Devices\LabelPrinter;
use App\Fish\Fish;
use App\Kitchen\Once;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;

/** Sends the labels of a tray to the printer. The same print asked for twice is printed once. */
final readonly class PrintLabels
{
    public function __construct(private LabelPrinter $printer)
    {
    }

    public function __invoke(PortionTray $batch, string $print, string $for, Person $person): void
    {
        $fish = Fish::forTheBench()
            ->with('line')
            ->whereKey($batch->pieces->pluck('fish_id')->unique()->all())
            ->orderBy('number')
            ->get();
        $labels = new TrayLabels($batch, array_values($fish->all()));
        $sheet = $for === 'tray' ? [$labels->tray()] : $labels->each();
        $title = "{$batch->dish->name}, tray {$batch->number}".($for === 'tray' ? '' : ', each portion');
        $pdf = LabelPdf::of($sheet);
        DB::connection()->transaction(function () use ($batch, $print, $for, $title, $sheet, $pdf, $person): void {
            if (Once::isNew($print, "labels {$batch->id}", $for) && ! $this->printer->has($print)) {
                $this->printer->print($print, $batch->id, $title, count($sheet), $pdf, $person);
            }
        });
    }
}
