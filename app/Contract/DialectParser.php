<?php

declare(strict_types=1);

namespace App\Contract;

use Opis\JsonSchema\Parsers\Draft;
use Opis\JsonSchema\Parsers\SchemaParser;
use Opis\JsonSchema\Parsers\Vocabulary;

/** Reads schemas of the contract: in its dialect alone, and without what a schema could call up of ours. */
final class DialectParser extends SchemaParser
{
    public function __construct()
    {
        parent::__construct(
            ['contentEncoding' => null, 'contentMediaType' => null, '$filters' => null],
            [
                'allowDataKeyword' => false,
                'allowDefaults' => false,
                'allowFilters' => false,
                'allowGlobals' => false,
                'allowKeywordValidators' => false,
                'allowMappers' => false,
                'allowPragmas' => false,
                'allowSlots' => false,
                'allowTemplates' => false,
            ],
            new Dialect(),
        );
    }

    /** @return array<string, Draft> */
    protected function getDrafts(?Vocabulary $extraVocabulary): array
    {
        return $extraVocabulary instanceof Draft ? [$extraVocabulary->version() => $extraVocabulary] : [];
    }
}
