<?php

declare(strict_types=1);

namespace Sectum;

use BackedEnum;

/** A case of such an enum is one sentence of the core; its values are named beside it. */
interface Sentence extends BackedEnum
{
}
