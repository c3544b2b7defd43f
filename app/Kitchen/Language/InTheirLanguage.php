<?php

declare(strict_types=1);

namespace App\Kitchen\Language;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is answered is read in the person's language: sentences, dates and figures, at the one place all answers pass.
 *
 * Paper says what it is given itself, as it is drawn (Sheet). What goes into a file for another program stays English.
 */
final readonly class InTheirLanguage
{
    /** Under these no code stands: a single word in small letters is one of the language's, "oil" or "brush". */
    private const WORDS = ['name', 'tools', 'shown', 'default', 'source', 'service_said'];

    /** Under these stands what somebody typed, or an id of it: it leaves as it came. */
    private const TYPED = ['note', 'notes', 'lot', 'lots', 'tray', 'typed', 'tag', 'gtin', 'vessel'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $language = Language::of($request);
        if ($language === Language::English || ! $request->is('api/*') || self::isFile($request->path())) {
            return $next($request);
        }
        app()->setLocale($language->value);
        $response = $next($request);
        // Whoever signed in meanwhile, or chose another language, has his page loaded again in it.
        $language = Language::of($request);
        if ($response instanceof JsonResponse && $language !== Language::English) {
            $response->setData(self::walk($response->getData(), Said::in($language)));
        }

        return $response;
    }

    /** Told by its ending; paper is read by people. */
    private static function isFile(string $path): bool
    {
        return preg_match('/\.(?!pdf$)/', $path) === 1;
    }

    private static function walk(mixed $answer, Said $said, string $of = '', string $in = ''): mixed
    {
        if (is_string($answer)) {
            // A tray is known by its name, and its name is whatever the house calls it.
            if (in_array($of, self::TYPED, true) || ($of === 'name' && $in === 'trays')) {
                return $answer;
            }

            return in_array($of, self::WORDS, true) ? $said->word($answer) : $said->text($answer);
        }
        if (is_array($answer)) {
            return array_map(fn (mixed $one): mixed => self::walk($one, $said, $of, $of), $answer);
        }
        if ($answer instanceof stdClass) {
            foreach (get_object_vars($answer) as $name => $one) {
                $answer->{$name} = self::walk($one, $said, (string) $name, $of);
            }
        }

        return $answer;
    }
}
