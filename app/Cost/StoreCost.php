<?php

declare(strict_types=1);

namespace App\Cost;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\History;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Sectum\Measure\Money;

/** What was paid for a fish and how long it took, as the head chef writes it down. */
final readonly class StoreCost
{
    public function __invoke(string $fish, Fields $fields, Person $person): void
    {
        $person->mustSeePrices();
        $currency = Settings::load()->currency;
        $values = [];
        foreach (['price_per_kg' => 'price_per_kg_minor', 'delivery' => 'delivery_minor'] as $field => $column) {
            if ($fields->has($field)) {
                $values[$column] = Fault::at(
                    "/{$field}",
                    fn (): int => Money::parse($fields->string($field), $currency)->minor,
                );
            }
        }
        if ($fields->has('labour_minutes')) {
            $values['labour_minutes'] = json_encode($fields->number('labour_minutes'), JSON_THROW_ON_ERROR);
            $values['labour_minutes'] = preg_replace('/\.0$/', '', $values['labour_minutes']);
        }
        DB::connection()->transaction(function () use ($fish, $fields, $values, $person): void {
            $fish = Fish::onTheBench($fish);
            $fish->mustBeOpen();
            $fish->mustBeAt($fields->int('version'));
            $fish->update([...$values, 'version' => $fish->version + 1]);
            History::that("{$person->name} wrote down what it cost.", $fish, $person);
        });
    }
}
