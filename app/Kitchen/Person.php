<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use App\Kitchen\Language\Language;
use Illuminate\Auth\Authenticatable as SignsIn;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Http\Request;
use Sectum\Measure\UnitSystem;

/**
 * Someone who works in the kitchen.
 *
 * @property string $id
 * @property string $name
 * @property Role $role
 * @property UnitSystem $units
 * @property Language $language
 * @property string $pin_hash
 * @property string|null $disabled_at since when this person may not sign in any more
 * @property string|null $signed_in_at
 * @property string|null $anonymous_at since when this person, who left, is known by a number only
 * @property bool $hands_free whether a certain, steady and plausible weight records itself
 * @property bool $shortcuts whether single letters do something at the bench
 * @property int $version
 */
final class Person extends Record implements Authenticatable
{
    use SignsIn;

    public $timestamps = true;

    protected $table = 'people';

    protected $attributes = ['language' => 'en', 'shortcuts' => true, 'hands_free' => false, 'version' => 1];

    protected $hidden = ['pin_hash'];

    public function getAuthPasswordName(): string
    {
        return 'pin_hash';
    }

    /** Nobody stays signed in on a shared tablet. */
    public function getRememberTokenName(): string
    {
        return '';
    }

    /** Who is signed in; only asked behind the sign-in. */
    public static function of(Request $request): self
    {
        $person = $request->user();

        return $person instanceof self ? $person : throw Fault::notAllowed('Sign in with your name and PIN first.');
    }

    public function seesPrices(): bool
    {
        return $this->role->seesPrices();
    }

    /** @throws Fault when it is not the head chef */
    public function mustSeePrices(): self
    {
        return $this->seesPrices() ? $this : throw Fault::notAllowed('Prices are for the head chef.');
    }

    /** @throws Fault when it is not */
    public function mustBeHeadChef(string $otherwise = 'The head chef decides that.'): void
    {
        $this->role === Role::HeadChef || throw Fault::notAllowed($otherwise);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'role' => Role::class,
            'units' => UnitSystem::class,
            'language' => Language::class,
            'shortcuts' => 'boolean',
            'hands_free' => 'boolean',
        ];
    }
}
