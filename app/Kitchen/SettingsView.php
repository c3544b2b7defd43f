<?php

declare(strict_types=1);

namespace App\Kitchen;

use DateTimeZone;

/** Every setting of the house by stage, with what it came as, where that comes from, and who changed it when. */
final readonly class SettingsView
{
    /** @return Answer */
    public static function of(Person $person): array
    {
        $settings = Settings::load();
        $kept = Setting::query()->with('person')->get()->keyBy('key');
        $stages = [];
        foreach (HouseRule::all() as $rule) {
            $set = $kept->get($rule->key);
            $value = $set->value ?? $rule->default;
            $stages[$rule->stage] ??= ['stage' => $rule->stage, 'rules' => []];
            $stages[$rule->stage]['rules'][] = [
                'key' => $rule->key,
                'kind' => $rule->kind->value,
                'name' => $rule->name,
                'value' => $value,
                'shown' => $rule->kind->show($value, $rule, $settings, $person),
                'default' => $rule->kind->show($rule->default, $rule, $settings, $person),
                'source' => $rule->source,
                'unit' => $rule->unit,
                'choices' => array_map(
                    fn (string $choice, string $name): array => ['value' => $choice, 'name' => $name],
                    array_keys($rule->choices),
                    array_values($rule->choices),
                ),
                'changed' => $set?->changed_at === null
                        ? null
                        : ($set->person->name ?? 'First run').
                            ', '.
                            Moment::at($set->changed_at)->format('D j M Y, H:i'),
            ];
        }

        return ['stages' => array_values($stages), 'zones' => DateTimeZone::listIdentifiers()];
    }
}
