<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Http\Request;

/** What the page knows of the kitchen before and after signing in. */
final readonly class KitchenView
{
    /** The demo kitchen's PINs, shown on its own sign-in page only. */
    public const DEMO_PINS = ['Maren Osk' => '2741', 'Tobin Hale' => '1180', 'Ilse Varga' => '5063'];

    /** @return array<string, mixed> */
    public static function of(Request $request): array
    {
        $me = $request->user();
        $demo = config('sectum.demo') === true;
        $settings = Settings::load();
        $people = [];
        foreach (Person::query()->orderBy('created_at')->orderBy('id')->get() as $person) {
            $people[] = ['id' => $person->id, 'name' => $person->name, 'role' => $person->role->value]
                + ($demo && isset(self::DEMO_PINS[$person->name]) ? ['demo_pin' => self::DEMO_PINS[$person->name]] : []);
        }

        return [
            'name' => $settings->kitchen,
            'currency_sign' => trim($settings->currency->sign()),
            'demo' => $demo,
            'needs_setup' => $people === [],
            'people' => $people,
            'me' => $me instanceof Person ? ['id' => $me->id, 'name' => $me->name, 'role' => $me->role->value, 'units' => $me->units->value, 'sees_prices' => $me->seesPrices()] : null,
        ];
    }
}
