<?php

declare(strict_types=1);

namespace App\Hold\Treatment;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Treatment\Treatment;
use Sectum\Hold\Treatment\TreatmentKind;
use Sectum\Portion\Serve\ServiceClass;

/** The head chef writes down how the house treats fish: a treatment of its own, or a shipped one put right. */
final readonly class StoreTreatment
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        $person->mustBeHeadChef('The head chef writes down the treatments.');
        $name = trim($fields->string('name'));
        DB::connection()->transaction(function () use ($id, $fields, $name): void {
            $one = HouseTreatment::query()->find($id) ?? new HouseTreatment(['id' => $id]);
            $one->fill([
                'name' => $name,
                'kind' => TreatmentKind::from($fields->string('kind')),
                'aims' => implode(' ', $fields->strings('aims')),
                'not_for' => 'raw-service',
                'strength_pct' => $fields->maybeNumber('strength_pct'),
                'brine_ratio' => $fields->maybeNumber('brine_ratio'),
                'salt_pct' => $fields->maybeNumber('salt_pct'),
                'sugar_pct' => $fields->maybeNumber('sugar_pct'),
                'target_pct' => $fields->maybeNumber('target_pct'),
                'minutes_from' => $fields->number('minutes_from'),
                'minutes' => $fields->number('minutes'),
                'minutes_to' => $fields->number('minutes_to'),
                'turn_every' => $fields->maybeNumber('turn_every'),
                'rinse' => $fields->bool('rinse'),
                'dry' => $fields->bool('dry'),
                'aromatics' => $fields->numbers('aromatics'),
                'change_pct' => $fields->number('change_pct'),
                'change_sd' => $fields->number('change_sd'),
                'uses' => $fields->int('uses', 1),
                'service' => ServiceClass::tryFrom($fields->maybeString('service') ?? ''),
                'caution' => trim($fields->maybeString('caution') ?? ''),
                'source' => 'house',
                'retired_at' => $fields->bool('retired') ? Moment::written($this->clock->now()) : null,
            ]);
            Fault::within('', fn (): Treatment => $one->treatment());
            if ($one->exists && ! $one->isDirty()) {
                return;
            }
            if ($one->exists) {
                Fault::unlessLatest($name, $fields->int('version', 0), $one->version);
            }
            HouseTreatment::query()->where('name', $name)->where('id', '!=', $id)->doesntExist() ||
                throw Fault::inField('/name', "There is another treatment called {$name}.");
            $one->version = $one->exists ? $one->version + 1 : 1;
            $one->save();
        });
    }
}
