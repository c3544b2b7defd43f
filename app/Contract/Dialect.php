<?php

declare(strict_types=1);

namespace App\Contract;

use Opis\JsonSchema\Parsers\Drafts\Draft202012;
use Opis\JsonSchema\Parsers\KeywordParser;
use Opis\JsonSchema\Parsers\Keywords\AdditionalPropertiesKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\EnumKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\ExclusiveMaximumKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\ExclusiveMinimumKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\FormatKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\ItemsKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\MaximumKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\MaxItemsKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\MaxLengthKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\MaxPropertiesKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\MinimumKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\MinItemsKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\MinLengthKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\MinPropertiesKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\OneOfKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\PatternKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\PropertiesKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\RequiredKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\TypeKeywordParser;
use Opis\JsonSchema\Parsers\Keywords\UniqueItemsKeywordParser;

/**
 * As much of JSON Schema 2020-12 as the contract says anything in.
 *
 * A validator for every draft and keyword there is takes longer to make than a request takes to judge. A keyword the
 * contract begins to use is added here; DialectTest names it.
 */
final class Dialect extends Draft202012
{
    /** @return list<KeywordParser> */
    protected function getKeywordParsers(): array
    {
        return [
            new TypeKeywordParser('type'),
            new EnumKeywordParser('enum'),
            new FormatKeywordParser('format'),
            new MinLengthKeywordParser('minLength'),
            new MaxLengthKeywordParser('maxLength'),
            new PatternKeywordParser('pattern'),
            new MinimumKeywordParser('minimum', 'exclusiveMinimum'),
            new MaximumKeywordParser('maximum', 'exclusiveMaximum'),
            new ExclusiveMinimumKeywordParser('exclusiveMinimum'),
            new ExclusiveMaximumKeywordParser('exclusiveMaximum'),
            new MinItemsKeywordParser('minItems'),
            new MaxItemsKeywordParser('maxItems'),
            new UniqueItemsKeywordParser('uniqueItems'),
            new ItemsKeywordParser('items', ItemsKeywordParser::ONLY_SCHEMA, 'prefixItems'),
            new MinPropertiesKeywordParser('minProperties'),
            new MaxPropertiesKeywordParser('maxProperties'),
            new RequiredKeywordParser('required'),
            new PropertiesKeywordParser('properties'),
            new AdditionalPropertiesKeywordParser('additionalProperties'),
            new OneOfKeywordParser('oneOf'),
        ];
    }
}
