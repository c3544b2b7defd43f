<?php

declare(strict_types=1);

namespace App\BreakDown\Method;

use App\Catalogue\Methods;
use App\Fish\Fish;
use App\Kitchen\Database\Remembered;
use Sectum\BreakDown\Method\Answered;
use Sectum\BreakDown\Method\Method;
use Sectum\BreakDown\Method\Step;

/** How one fish is cut: its method, the answers that hold for it, and the steps they ask for. */
final readonly class HowCut
{
    /** @param  list<Step>  $steps */
    private function __construct(public Method $method, public Answered $answered, public array $steps)
    {
    }

    /** Null while nobody chose a method. */
    public static function of(Fish $fish): ?self
    {
        $about = json_encode([$fish->method, $fish->state, $fish->choices], JSON_THROW_ON_ERROR);

        return Remembered::of("how cut:{$fish->id}:{$about}", Methods::TABLES, fn (): ?self => self::work($fish));
    }

    private static function work(Fish $fish): ?self
    {
        $method = $fish->method === null ? null : Methods::of($fish->method);
        if ($method === null) {
            return null;
        }
        $answered = self::answeredBy($method, $fish->choices, self::facts($fish, $method));

        return new self($method, $answered, $method->stepsFor($answered, $fish->state));
    }

    /**
     * The answers another fish like this one was cut by.
     *
     * @param  array<string, string>  $choices
     */
    public function had(array $choices): Answered
    {
        return self::answeredBy($this->method, $choices, $this->answered->facts);
    }

    /**
     * An answer of an older catalogue that is none any more gives way to the usual one.
     *
     * @param  array<string, string>  $choices
     * @param  array<string, string>  $facts
     */
    private static function answeredBy(Method $method, array $choices, array $facts): Answered
    {
        $known = array_filter(
            $choices,
            fn (string $option, string $question): bool => ($method->questions[$question] ?? null)?->option($option)
                !== null,
            ARRAY_FILTER_USE_BOTH,
        );

        return $method->answered($known, $facts);
    }

    /** @return array<string, string> what is so of a fish without being asked, as the exclusions name it */
    public static function facts(Fish $fish, Method $method): array
    {
        return [
            'method' => Methods::shipped($method->code),
            'state' => $fish->state->value,
            'scales-of' => $fish->species->scales->value,
            'pin-row' => $fish->species->pin_row->value,
        ];
    }
}
