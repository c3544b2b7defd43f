<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use Illuminate\Console\Command;

/** A new PIN for somebody who is shut out, given on the kitchen computer itself. */
final class PinCommand extends Command
{
    protected $signature = 'sectum:pin {name : as it stands on the sign-in page}';

    protected $description = 'Gives somebody a new PIN, typed here or read from standard input';

    public function handle(): int
    {
        $name = $this->argument('name');
        $person = Person::query()
            ->where('name', is_string($name) ? $name : '')
            ->first();
        if ($person === null) {
            $this->error(
                'Nobody here has that name. There are: '.
                    Person::query()
                        ->orderBy('name')
                        ->get()
                        ->map(fn (Person $one): string => $one->name)
                        ->implode(', ').
                    '.',
            );

            return self::INVALID;
        }
        $typed = stream_isatty(STDIN)
            ? $this->secret("New PIN of {$person->name}, four to twelve digits, or a phrase")
            : fgets(STDIN);
        $pin = trim(is_string($typed) ? $typed : '');
        if (preg_match(Pin::PATTERN, $pin) !== 1) {
            $this->error('A PIN is four to twelve digits, or a phrase of ten characters or more.');

            return self::INVALID;
        }
        try {
            Pin::mustNotBeObvious($pin);
        } catch (Fault $fault) {
            $this->error($fault->getMessage());

            return self::INVALID;
        }
        $person->update(['pin_hash' => Pin::hash($pin), 'disabled_at' => null, 'version' => $person->version + 1]);
        PinTry::query()->where('person_id', $person->id)->where('failed', true)->delete();
        SignIn::endAll($person);
        $this->line("{$person->name} has a new PIN and is signed out everywhere.");

        return self::SUCCESS;
    }
}
