import { proxy } from 'comlink'

/**
 * Asks a worker that tells how it goes. What it told on the way but comes after its answer is not heard:
 * the two go through different channels, and their messages may cross.
 */
export async function heard<News, Answer>(
  ask: (tell: (news: News) => void) => Promise<Answer>,
  hear: (news: News) => void,
): Promise<Answer> {
  let over = false
  try {
    return await ask(
      proxy((news: News) => {
        if (!over) hear(news)
      }),
    )
  } finally {
    over = true
  }
}
