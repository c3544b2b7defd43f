<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Sectum\Fish\Hazard;
use Sectum\Fish\Part;
use Sectum\Fish\YieldLadder;
use Sectum\Refusal;

/**
 * The head chef sets what the house knows better. Shipped values stay beside it and come back when it is taken away.
 */
final readonly class StoreSpecies
{
    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        $person->mustBeHeadChef();
        DB::connection()->transaction(function () use ($id, $fields, $person): void {
            $species = Species::inFull($id);
            Fault::unlessLatest($species->name, $fields->int('version'), $species->version);
            $this->about($species, $fields->fields('about'));
            $this->yields($species, $fields->list('yields'));
            $species->version++;
            $species->save();
            activity('species')
                ->performedOn($species)
                ->causedBy($person)
                ->log("{$person->name} changed what the house knows of {$species->name}.");
        });
    }

    private function about(Species $species, Fields $about): void
    {
        $house = $species->house;
        foreach (Species::ABOUT as $field) {
            if ($about->named($field)) {
                $value = $about->maybeString($field) ?? ($species->shipped[$field] ?? '');
                self::check($field, $value);
                $species->setAttribute($field, $value);
                $house[$field] = $value;
                if ($value === ($species->shipped[$field] ?? null)) {
                    unset($house[$field]);
                }
            }
        }
        $species->house = $species->shipped === null ? [] : $house;
    }

    /** What a schema cannot say: each word of these lists is one the kitchen knows. */
    private static function check(string $field, string $value): void
    {
        foreach ($value === '' ? [] : explode(' ', $value) as $word) {
            if ($field === 'hazards' && Hazard::tryFrom($word) === null) {
                throw Fault::inField('/about/hazards', "\"{$word}\" is not a hazard known here.");
            }
            if ($field === 'keep' && $word !== 'cheeks' && $word !== 'liver' && Part::tryFrom($word) === null) {
                throw Fault::inField('/about/keep', "\"{$word}\" is not a part known here.");
            }
        }
        if (
            $field === 'size_grades_g' &&
            $value !== '' &&
            preg_match('/^\d{1,6}-\d{1,6}(;\d{1,6}-\d{1,6})*$/D', $value) !== 1
        ) {
            throw Fault::inField('/about/size_grades_g', 'Write size grades in grams: 400-600;600-800.');
        }
    }

    /** @param  list<Fields>  $yields */
    private function yields(Species $species, array $yields): void
    {
        foreach ($yields as $i => $given) {
            $row =
                $species->yields->first(
                    fn (SpeciesYield $yield): bool => $yield->state->value === $given->string('state') &&
                        $yield->rung->value === $given->string('rung'),
                ) ?? throw Fault::inField("/yields/{$i}", 'This species has no such yield step.');
            $mean = $given->maybeNumber('mean_pct');
            $row->fill(
                $mean === null
                    ? [
                        'mean_pct' => $row->shipped_mean_pct ?? $row->mean_pct,
                        'sd_pct' => $row->shipped_sd_pct ?? $row->sd_pct,
                        'source' => $row->shipped_mean_pct === null ? SpeciesYield::HOUSE : SpeciesYield::ESTIMATE,
                    ]
                    : [
                        'mean_pct' => $mean,
                        'sd_pct' => $given->number('sd_pct', $row->sd_pct),
                        'source' => SpeciesYield::HOUSE,
                    ],
            );
        }
        foreach (
            $species->yields->groupBy(fn (SpeciesYield $yield): string => $yield->state->value) as $state => $ladder
        ) {
            try {
                new YieldLadder(
                    $ladder
                        ->mapWithKeys(fn (SpeciesYield $yield): array => [$yield->rung->value => $yield->mean_pct])
                        ->all(),
                );
            } catch (Refusal $refusal) {
                throw Fault::inField('/yields', ucfirst($state).": {$refusal->getMessage()}");
            }
        }
        foreach ($species->yields as $row) {
            $row->store();
        }
    }
}
