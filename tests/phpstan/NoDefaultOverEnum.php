<?php

declare(strict_types=1);

namespace Tests\phpstan;

use PhpParser\Node;
use PhpParser\Node\Expr\Match_;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * A match over an enum names every case: a new part must not be taken for prime flesh because nobody thought of it.
 *
 * @implements Rule<Match_>
 */
final class NoDefaultOverEnum implements Rule
{
    public function getNodeType(): string
    {
        return Match_::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        $hasDefault = array_filter($node->arms, fn (Node\MatchArm $arm): bool => $arm->conds === null) !== [];

        return $hasDefault && $scope->getType($node->cond)->isEnum()->yes()
            ? [
                RuleErrorBuilder::message('A match over an enum names every case and has no default.')
                    ->identifier('sectum.enumDefault')
                    ->build(),
            ]
            : [];
    }
}
