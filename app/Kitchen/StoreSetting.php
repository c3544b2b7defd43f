<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use App\Contract\Fields;
use Illuminate\Support\Facades\DB;

/** The head chef sets one thing for the house; what somebody else set meanwhile is not written over. */
final readonly class StoreSetting
{
    public function __invoke(string $key, Fields $fields, Person $by): void
    {
        $by->mustBeHeadChef('The head chef sets the rules of the house.');
        $rule = HouseRule::all()[$key] ?? throw Fault::notThere('There is no such setting.');
        $value = $rule->kind->parse($fields->string('value'), $rule, Settings::load(), $by);
        DB::connection()->transaction(function () use ($rule, $value, $fields, $by): void {
            $now = Setting::query()->find($rule->key)->value ?? $rule->default;
            if ($now === $value) {
                return;
            }
            $fields->string('was') === $now ||
                throw Fault::conflict("\"{$rule->name}\" was changed on another screen. Look once more.", [
                    'yours' => $fields->string('was'),
                    'current' => $now,
                ]);
            Settings::store([$rule->key => $value], $by);
            activity('house')
                ->causedBy($by)
                ->log(
                    "{$by->name} set \"{$rule->name}\" to {$rule->kind->show($value, $rule, Settings::load(), $by)}.",
                );
        });
    }
}
