<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

/** A PIN is short, so guessing is slowed per person and per address. */
final readonly class Pin
{
    private const TRIES_A_PERSON = 5;

    private const TRIES_AN_ADDRESS = 20;

    private const WAIT_SECONDS = 300;

    public static function hash(string $pin): string
    {
        return Hash::make($pin);
    }

    /** @throws Fault when it is wrong, or was wrong too often */
    public static function check(Person $person, string $pin, string $address): void
    {
        $keys = ["pin:{$person->id}:{$address}" => self::TRIES_A_PERSON, "pin:{$person->id}" => 2 * self::TRIES_A_PERSON, "pin::{$address}" => self::TRIES_AN_ADDRESS];
        foreach ($keys as $key => $tries) {
            if (RateLimiter::tooManyAttempts($key, $tries)) {
                $minutes = (int) ceil(RateLimiter::availableIn($key) / 60);
                throw Fault::tooMany("Too many wrong PINs. Wait {$minutes} min, or ask the head chef.", RateLimiter::availableIn($key));
            }
        }
        if (! Hash::check($pin, $person->pin_hash)) {
            foreach (array_keys($keys) as $key) {
                RateLimiter::hit($key, self::WAIT_SECONDS);
            }
            throw Fault::inField('/pin', 'That is not the PIN of '.$person->name.'.');
        }
        RateLimiter::clear("pin:{$person->id}:{$address}");
    }
}
