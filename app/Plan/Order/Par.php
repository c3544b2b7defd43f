<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\Stage;
use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Support\Facades\DB;

/**
 * How many fish of a kind are always in the house, whatever the services want.
 *
 * @property string $species_id
 * @property int $fish 0 for none
 * @property int $version
 * @property string $stored_by
 */
final class Par extends Record
{
    protected $table = 'pars';

    protected $primaryKey = 'species_id';

    protected $attributes = ['version' => 1];

    /** @return Answer fish of a kind that are always in the house, and how many are */
    public static function told(string $species): array
    {
        $par = self::query()->find($species);
        $here = Fish::query()
            ->where('species_id', $species)
            ->whereIn('stage', [Stage::Receive->value, Stage::BreakDown->value])
            ->whereNull('refused')
            ->sum('count');

        return [
            'fish' => $par->fish ?? 0,
            'here' => is_numeric($here) ? (int) $here : 0,
            'version' => $par->version ?? 0,
        ];
    }

    public static function store(string $species, Fields $fields, Person $person): void
    {
        $person->mustBeHeadChef('The head chef says what is always in the house.');
        DB::connection()->transaction(function () use ($species, $fields, $person): void {
            Species::query()->findOrFail($species);
            $par = self::query()->find($species);
            if ($par === null) {
                self::query()->create([
                    'species_id' => $species,
                    'fish' => $fields->int('fish'),
                    'stored_by' => $person->id,
                ]);

                return;
            }
            $par->fill(['fish' => $fields->int('fish')]);
            if ($par->isDirty()) {
                Fault::unlessLatest('What is always in the house', $fields->int('version', 0), $par->version);
                $par->fill(['version' => $par->version + 1, 'stored_by' => $person->id])->save();
            }
        });
    }
}
