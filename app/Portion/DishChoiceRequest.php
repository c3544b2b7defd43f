<?php

declare(strict_types=1);

namespace App\Portion;

use App\Contract\ContractRequest;

final class DishChoiceRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'dish-choice';
    }
}
