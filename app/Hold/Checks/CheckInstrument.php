<?php

declare(strict_types=1);

namespace App\Hold\Checks;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Thermometer;
use App\Fish\Weighing;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Checks\InstrumentVerdict;
use Sectum\Measure\Mass;

/** Somebody checks the scale with a known weight, or the probe in ice water. */
final readonly class CheckInstrument
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        $settings = Settings::load();
        if ($fields->string('instrument') === 'scale') {
            $known = Fault::at(
                '/known',
                fn (): Mass => Mass::parse($fields->maybeString('known') ?? '', $person->units),
            );
            $shown = Weighing::read($fields->fields('weight'), $settings, $person->units)->mass;
            $verdict = InstrumentVerdict::ofScale($known, $shown, $settings->scaleStep);
        } else {
            $verdict = InstrumentVerdict::ofProbe(Thermometer::read($fields->fields('temperature'))->shown);
        }
        DB::connection()->transaction(function () use ($id, $fields, $verdict, $person): void {
            if (Once::isNew($id, 'instrument check', $fields)) {
                InstrumentCheck::query()->create([
                    'id' => $id,
                    'instrument' => $fields->string('instrument'),
                    'expected' => $verdict->expected,
                    'measured' => $verdict->measured,
                    'within' => $verdict->within,
                    'good' => $verdict->good,
                    'note' => trim($fields->maybeString('note') ?? ''),
                    'checked_by' => $person->id,
                    'checked_at' => Moment::written($this->clock->now()),
                ]);
            }
        });
    }
}
