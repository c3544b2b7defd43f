<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use stdClass;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Yaml\Yaml;

/** Holds an answer beside contract/openapi.yaml: the path must be described, and the body must be what is described. */
final class ContractCheck
{
    private const BASE = 'https://sectum.example/contract/';

    private static ?Validator $validator = null;

    /** @var array<string, string> path pattern by its reference */
    private static array $paths = [];

    /** @param  TestResponse<Response>  $response */
    public static function answer(string $verb, string $path, TestResponse $response): void
    {
        $validator = self::validator();
        [$file, $name] = explode('#/', self::describing(strtok($path, '?') ?: $path));
        $status = $response->getStatusCode();
        $schema =
            $status < 400
                ? self::BASE.
                    "{$file}#/{$name}/".
                    strtolower($verb).
                    "/responses/{$status}/content/application~1json/schema"
                : self::BASE.'common.yaml#/Problem';
        if ($status >= 400) {
            Assert::assertSame('application/problem+json', $response->headers->get('Content-Type'));
        }
        $result = $validator->validate(json_decode((string) $response->getContent()), $schema);
        $error = $result->error();
        // Not the error itself: it drags the whole schema into the report.
        Assert::assertTrue(
            $error === null,
            "{$verb} {$path} does not keep its contract: ".
                ($error === null ? '' : json_encode((new ErrorFormatter())->format($error))),
        );
    }

    /** The schema of what is sent; null where nothing is. */
    public static function body(string $verb, string $path): ?stdClass
    {
        self::validator();
        [$file, $name] = explode('#/', self::describing($path));
        $document = Yaml::parseFile(base_path("contract/{$file}"));
        $reference = data_get(
            $document,
            "{$name}.".strtolower($verb).'.requestBody.content.application/json.schema.$ref',
        );

        return is_string($reference)
            ? json_decode(
                (string) file_get_contents(base_path("contract/{$reference}")),
                false,
                64,
                JSON_THROW_ON_ERROR,
            )
            : null;
    }

    private static function describing(string $path): string
    {
        foreach (self::$paths as $pattern => $reference) {
            if (preg_match($pattern, $path) === 1) {
                return $reference;
            }
        }
        Assert::fail("{$path} is not in the contract.");
    }

    private static function validator(): Validator
    {
        if (self::$validator !== null) {
            return self::$validator;
        }
        self::$validator = new Validator();
        $resolver = self::$validator->resolver();
        foreach (glob(base_path('contract/*.yaml')) ?: [] as $file) {
            $document = Yaml::parseFile($file, Yaml::PARSE_OBJECT_FOR_MAP);
            if (basename($file) === 'openapi.yaml' && is_object($document)) {
                foreach ((array) $document->paths as $path => $item) {
                    self::$paths['#^'.preg_replace('/\{\w+\}/', '[^/]+', (string) $path).'$#'] =
                        (string) $item->{'$ref'};
                }
            }
            $resolver?->registerRaw($document, self::BASE.basename($file));
        }
        // What is written out stands before what has a gap.
        uksort(
            self::$paths,
            fn (string $a, string $b): int => substr_count($a, '[^/]+') <=> substr_count($b, '[^/]+'),
        );
        $resolver?->registerPrefix(self::BASE, base_path('contract').'/');

        return self::$validator;
    }
}
