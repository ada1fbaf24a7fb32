package app.geminal.workplan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Tasks that must be done on one day, together: faces, stack and its first weld. Every task is in
 * one group, most alone.
 *
 * @param groups tasks by their numbers, each group in the order they are done
 * @param of the group of each task
 */
record TaskGroups(List<List<Integer>> groups, List<Integer> of) {
  static TaskGroups of(List<Task> tasks, List<TaskLink> links) {
    Map<String, Integer> number = new HashMap<>();
    for (int i = 0; i < tasks.size(); i++) {
      number.put(tasks.get(i).id(), i);
    }
    int[] leader = new int[tasks.size()];
    for (int i = 0; i < leader.length; i++) {
      leader[i] = i;
    }
    for (TaskLink link : links) {
      Integer before = number.get(link.before());
      Integer after = number.get(link.after());
      if (link.sameDay() && before != null && after != null) {
        int first = leaderOf(leader, before);
        int second = leaderOf(leader, after);
        leader[Math.max(first, second)] = Math.min(first, second);
      }
    }
    Map<Integer, List<Integer>> byLeader = new LinkedHashMap<>();
    for (int i = 0; i < leader.length; i++) {
      byLeader.computeIfAbsent(leaderOf(leader, i), _ -> new ArrayList<>()).add(i);
    }
    List<List<Integer>> groups = List.copyOf(byLeader.values());
    Integer[] of = new Integer[tasks.size()];
    for (int g = 0; g < groups.size(); g++) {
      for (int task : groups.get(g)) {
        of[task] = g;
      }
    }
    return new TaskGroups(groups, List.of(of));
  }

  private static int leaderOf(int[] leader, int task) {
    int at = task;
    while (leader[at] != at) {
      at = leader[at];
    }
    return at;
  }
}
